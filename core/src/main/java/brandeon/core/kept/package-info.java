/**
 * What is kept so that it need not be computed again: how much of the memory each cache may hold, and what things
 * weigh.
 */
package brandeon.core.kept;
