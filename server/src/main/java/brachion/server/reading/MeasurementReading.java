package brachion.server.reading;

/**
 * A typed measurement as read, or why it cannot be.
 *
 * @param field      where it was typed
 * @param value      the measurement in the unit its kind is kept in
 * @param unreadable what is wrong with the text and what would be read, instead of the value
 */
public record MeasurementReading(String field, Double value, String unreadable) {
}
