package brachion.server.exchange;

import brachion.server.problem.RefusedFieldException;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;

/**
 * A part of a workbook as it comes out of its archive, whatever that says of its sizes: refused, by the field {@code file}, once all
 * parts unpack to more than any table, or where a tag or a text is so long that only memory is meant by it.
 */
final class UnpackedPart extends FilterInputStream {

    /** A workbook of 20 MB unpacks to no more unless it was made to harm. */
    private static final long MOST_UNPACKED = 300_000_000;
    /** Bytes up to the end of the next tag; no program keeps a cell of so many. */
    private static final int LONGEST_PIECE = 1_000_000;

    private final Unpacked all;
    private final boolean text;
    private int piece;

    /** How much came out of an archive so far. */
    static final class Unpacked {
        private long bytes;
    }

    /**
     * @param part bytes of the part
     * @param all  counts all parts of its archive
     * @param text whether it is XML
     */
    UnpackedPart(InputStream part, Unpacked all, boolean text) {
        super(part);
        this.all = all;
        this.text = text;
    }

    @Override
    public int read() throws IOException {
        byte[] one = new byte[1];
        return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
    }

    @Override
    public int read(byte[] into, int from, int most) throws IOException {
        int read = super.read(into, from, most);
        all.bytes += Math.max(0, read);
        if (all.bytes > MOST_UNPACKED) {
            throw new RefusedFieldException("file", "This workbook unpacks to more than 300 MB. Save the sheet as CSV and bring in the parts.");
        }
        for (int i = from; text && i < from + read; i++) {
            piece = into[i] == '>' ? 0 : piece + 1;
            if (piece > LONGEST_PIECE) {
                throw new RefusedFieldException("file", "This workbook holds a single text of more than 1 MB. Shorten it and bring the table in again.");
            }
        }
        return read;
    }

    /** Nothing is passed over unread. */
    @Override
    public boolean markSupported() {
        return false;
    }
}
