package brachion.server.instrument;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.apache.commons.codec.digest.DigestUtils;

/**
 * What an instrument shows that it is itself. It is told once; only its digest is kept.
 *
 * @param text as it is told
 */
record Token(String text) {

    private static final SecureRandom CHANCE = new SecureRandom();
    private static final int BYTES = 24;

    /** A fresh one, 192 bits by chance. */
    static Token fresh() {
        byte[] bytes = new byte[BYTES];
        CHANCE.nextBytes(bytes);
        return new Token(HexFormat.of().formatHex(bytes));
    }

    /** Its SHA-256 digest. */
    String digest() {
        return DigestUtils.sha256Hex(text);
    }

    /** Whether it is the one whose digest was kept; takes as long whatever the answer. */
    boolean isOf(String kept) {
        return MessageDigest.isEqual(digest().getBytes(StandardCharsets.US_ASCII), kept.getBytes(StandardCharsets.US_ASCII));
    }
}
