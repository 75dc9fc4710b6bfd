/**
 * Tables of a show: named columns of one type each, edited like a spreadsheet or driven from outside, and the values
 * that texts take from them. Changed only by {@link brandeon.core.table.TableEdits#apply}.
 */
package brandeon.core.table;
