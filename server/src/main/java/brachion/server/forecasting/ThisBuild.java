package brachion.server.forecasting;

import brachion.core.risk.RiskModel;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.CodeSource;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/** By what this build of the product is told from every other. */
final class ThisBuild {

    private static final int BYTES = 16;

    private ThisBuild() {
    }

    /**
     * Digest of the code that reads and computes with records, 32 characters; where that lies nowhere it can be read, one that no
     * other start has.
     */
    static String stamp() {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            for (Class<?> of : List.of(RiskModel.class, ThisBuild.class)) {
                Optional<Path> code = place(of);
                if (code.isEmpty()) {
                    return UUID.randomUUID().toString().replace("-", "");
                }
                add(digest, code.get());
            }
            return HexFormat.of().formatHex(digest.digest(), 0, BYTES);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("Every Java knows SHA-256", impossible);
        } catch (IOException unreadable) {
            return UUID.randomUUID().toString().replace("-", "");
        }
    }

    private static Optional<Path> place(Class<?> of) {
        CodeSource source = of.getProtectionDomain().getCodeSource();
        try {
            return source == null || !"file".equals(source.getLocation().getProtocol()) ? Optional.empty() : Optional.of(Path.of(source.getLocation().toURI()));
        } catch (URISyntaxException odd) {
            return Optional.empty();
        }
    }

    /** An archive, or a folder of classes with all that lies in it. */
    private static void add(MessageDigest digest, Path code) throws IOException {
        try (Stream<Path> files = Files.walk(code)) {
            for (Path file : files.filter(Files::isRegularFile).sorted().toList()) {
                digest.update(file.toString().substring(code.toString().length()).replace(FileSystems.getDefault().getSeparator(), "/").getBytes());
                digest.update(Files.readAllBytes(file));
            }
        }
    }
}
