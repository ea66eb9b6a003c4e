package brachion.core.risk;

/**
 * A value with its probability.
 *
 * @param weight probability, 0 to 1
 * @param value  the value
 */
public record Weighted<T>(double weight, T value) {
}
