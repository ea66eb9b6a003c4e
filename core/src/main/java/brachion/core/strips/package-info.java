/**
 * Which test strips to bend so that the odds of what somebody means to bend get surer: a set chosen together, and the order to
 * bend it in. The bends that are meant and what is at hand come in; strips, what each is for and what all of them would tell go out.
 */
package brachion.core.strips;
