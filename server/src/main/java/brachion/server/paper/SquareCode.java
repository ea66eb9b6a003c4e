package brachion.server.paper;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/** An address as a square code that a telephone reads (ISO/IEC 18004). */
final class SquareCode {

    private static final int SIDE_MM = 30;
    /** White round it, in its own squares; the standard asks for four. */
    private static final int QUIET = 4;

    private SquareCode() {
    }

    static String svg(String address) {
        BitMatrix squares;
        try {
            squares = new QRCodeWriter().encode(address, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, QUIET, EncodeHintType.CHARACTER_SET, "UTF-8"));
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("No square code holds so long an address", tooLong);
        }
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < squares.getHeight(); y++) {
            for (int x = 0; x < squares.getWidth(); x++) {
                if (squares.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + SIDE_MM + "mm\" height=\"" + SIDE_MM + "mm\" viewBox=\"0 0 " + squares.getWidth() + " "
                + squares.getHeight() + "\"><path d=\"" + path + "\" fill=\"#000\"/></svg>";
    }
}
