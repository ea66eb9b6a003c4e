/** Jobs: what was judged and what is under way on the bench come in; how far a job of so many good pieces is goes out. */
package brachion.core.job;
