/** What clients are told: reminders of appointments and invitations to come back, each once. */
package kitetail.server.message;
