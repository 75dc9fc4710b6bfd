/** What may go wrong through people, for everything in core. */
package brandeon.core.problem;
