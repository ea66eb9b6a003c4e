/**
 * Heat and water through the piece. A section, its starting moisture and the stages it goes through come in;
 * temperature, moisture and softness of every depth at every moment go out, and when things happen: hot, soft enough,
 * carried too long, cold, dry.
 */
package brachion.core.process;
