package brachion.server.forecasting;

import brachion.core.risk.RiskModel;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.security.CodeSource;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.apache.commons.codec.digest.DigestUtils;

/** By what this build of the product is told from every other. */
final class ThisBuild {

    private static final int CHARACTERS = 32;

    /**
     * Digest of the code that reads and computes with records, 32 characters; where that lies nowhere it can be read, one that no
     * other start has. Worked out when it is first asked for, which no start of the server waits for.
     */
    static final String STAMP = stamp();

    private ThisBuild() {
    }

    private static String stamp() {
        MessageDigest digest = DigestUtils.getSha256Digest();
        try {
            for (Class<?> of : List.of(RiskModel.class, ThisBuild.class)) {
                add(digest, place(of));
            }
            return HexFormat.of().formatHex(digest.digest()).substring(0, CHARACTERS);
        } catch (IOException unreadable) {
            return UUID.randomUUID().toString().replace("-", "");
        }
    }

    private static Path place(Class<?> of) throws IOException {
        CodeSource source = of.getProtectionDomain().getCodeSource();
        try {
            if (source == null || !"file".equals(source.getLocation().getProtocol())) {
                throw new NoSuchFileException("the code of " + of);
            }
            return Path.of(source.getLocation().toURI());
        } catch (URISyntaxException odd) {
            throw new IOException("The code of " + of + " lies nowhere", odd);
        }
    }

    /** An archive, or a folder of classes with all that lies in it. */
    private static void add(MessageDigest digest, Path code) throws IOException {
        try (Stream<Path> files = Files.walk(code)) {
            for (Path file : files.filter(Files::isRegularFile).sorted().toList()) {
                digest.update(file.toString().substring(code.toString().length()).replace(FileSystems.getDefault().getSeparator(), "/").getBytes(StandardCharsets.UTF_8));
                DigestUtils.updateDigest(digest, file);
            }
        }
    }
}
