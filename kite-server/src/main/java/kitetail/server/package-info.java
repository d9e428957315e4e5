/** The server: thin controllers, repositories with SQL, one place for errors. No domain maths. */
package kitetail.server;
