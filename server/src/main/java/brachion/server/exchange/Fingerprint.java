package brachion.server.exchange;

import java.nio.ByteBuffer;
import org.apache.commons.codec.digest.DigestUtils;

/**
 * Tells one text from another: the first half of its SHA-256 digest (FIPS 180-4), so that two among a hundred thousand are alike by chance once in
 * 10²⁸ tables.
 */
record Fingerprint(long first, long second) {

    static Fingerprint of(byte[] text) {
        ByteBuffer digest = ByteBuffer.wrap(DigestUtils.sha256(text));
        return new Fingerprint(digest.getLong(), digest.getLong());
    }
}
