package brachion.server.shape;

/**
 * A group code of a DXF file and its value.
 *
 * @param code  what the value is
 * @param value the value as it is written
 */
record DxfPair(int code, String value) {

    /** The value as a number; refused when it is none. */
    double number() {
        try {
            double number = Double.parseDouble(value);
            if (Double.isFinite(number)) {
                return number;
            }
        } catch (NumberFormatException none) {
            // refused like one that is not finite
        }
        throw new IllegalArgumentException("“" + value.substring(0, Math.min(30, value.length())) + "” in this DXF is no number.");
    }
}
