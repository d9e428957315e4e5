/** One change that answers a finding, tried before it is offered. */
package kitetail.remedy;
