/**
 * A piece on its way over the bench. A plan and what a person said by a touch, each with its moment, come in; the step the piece is
 * at, what may follow, how long each stage took and what the clocks show go out. Nothing here knows what time it is: moments are
 * handed in.
 */
package brachion.core.bench;
