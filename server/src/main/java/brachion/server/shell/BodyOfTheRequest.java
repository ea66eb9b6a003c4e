package brachion.server.shell;

import brachion.server.backup.BackupTypes;
import brachion.server.paper.SheetPdf;
import brachion.server.problem.Problems;
import brachion.server.problem.RefusedRequestException;
import brachion.server.storage.TableFile;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedInputStream;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Semaphore;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Takes in what a request carries before anything else looks at it: of a known kind, so long and no longer, and in time. */
@Component
@Order(1)
class BodyOfTheRequest extends OncePerRequestFilter {

    private static final int LONGEST_DOCUMENT = 512 * 1024;
    private static final int LONGEST_TABLE = 160 * 1024 * 1024;
    private static final int LONGEST_LOGBOOK = 6 * 1024 * 1024;
    private static final int LONGEST_DRAWING = 2 * 1024 * 1024;
    private static final int LONGEST_PHOTOGRAPH = 15 * 1024 * 1024;
    private static final int LONGEST_BACKUP = 1024 * 1024 * 1024;
    /** What may be longer waits on the disk and not in memory. */
    private static final int IN_MEMORY = 16 * 1024 * 1024;
    private static final long IN_TIME_NS = Duration.ofSeconds(60).toNanos();
    private static final int PART = 16 * 1024;
    /** What somebody sends with these is not read. */
    private static final Set<String> CARRY_NOTHING = Set.of("GET", "HEAD", "OPTIONS", "DELETE", "TRACE");
    /** Slower than that nobody sends from a workshop, once the connection stands [bytes/s]. */
    private static final long SLOWEST = 2048;
    private static final long SECOND_NS = Duration.ofSeconds(1).toNanos();
    private static final long SETTLED_NS = Duration.ofSeconds(3).toNanos();
    /** So many may be on their way at once; the other half of the threads answers whoever only asks. */
    private static final Semaphore ON_THEIR_WAY = new Semaphore(100);
    private static final MediaType TABLE = MediaType.parseMediaType(TableFile.TYPE);
    private static final List<MediaType> PHOTOGRAPHS = List.of(MediaType.IMAGE_JPEG, MediaType.IMAGE_PNG, MediaType.parseMediaType("image/webp"));
    private static final List<MediaType> DRAWINGS = List.of(MediaType.parseMediaType("image/svg+xml"), MediaType.parseMediaType("image/vnd.dxf"));
    private static final MediaType LOGBOOK = MediaType.parseMediaType(SheetPdf.LOGBOOK_TYPE);
    private static final List<MediaType> BACKUPS = List.of(MediaType.parseMediaType(BackupTypes.ZIP), MediaType.parseMediaType(BackupTypes.DOCUMENT));

    /** An answer that came from another thread is looked at when it is there. */
    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isAsyncDispatch(request)) {
            chain.doFilter(request, response);
        } else {
            Body body;
            try {
                body = body(request);
            } catch (RefusedRequestException refused) {
                Problems.write(response, refused.status());
                return;
            }
            try {
                chain.doFilter(body.empty() ? request : new Taken(request, body), response);
            } finally {
                body.letGo();
            }
            if (isAsyncStarted(request)) {
                return;
            }
        }
        // whoever says that they take no answer there is, not even a refusal, gets one
        if (response.getStatus() >= HttpStatus.BAD_REQUEST.value() && response.getContentType() == null && !response.isCommitted()) {
            Problems.write(response, HttpStatusCode.valueOf(response.getStatus()));
        }
    }

    /**
     * What a request carried.
     *
     * @param bytes where it is in memory, else null
     * @param file  where it waits on the disk, else null
     */
    private record Body(byte[] bytes, Path file) {

        static final Body NONE = new Body(new byte[0], null);

        boolean empty() {
            return bytes != null && bytes.length == 0;
        }

        InputStream open() throws IOException {
            return file == null ? new ByteArrayInputStream(bytes) : new BufferedInputStream(Files.newInputStream(file));
        }

        void letGo() throws IOException {
            if (file != null) {
                Files.deleteIfExists(file);
            }
        }
    }

    private static Body body(HttpServletRequest request) {
        if (!ON_THEIR_WAY.tryAcquire()) {
            throw new RefusedRequestException(HttpStatus.TOO_MANY_REQUESTS);
        }
        try {
            return taken(request);
        } catch (SocketTimeoutException nothingCame) {
            throw new RefusedRequestException(HttpStatus.REQUEST_TIMEOUT);
        } catch (IOException brokenOff) {
            throw new RefusedRequestException(HttpStatus.BAD_REQUEST);
        } finally {
            ON_THEIR_WAY.release();
        }
    }

    private static Body taken(HttpServletRequest request) throws IOException {
        Optional<MediaType> type = type(request);
        boolean empty = CARRY_NOTHING.contains(request.getMethod()) || request.getContentLengthLong() == 0 || request.getContentLengthLong() < 0 && request.getHeader("Transfer-Encoding") == null;
        if (empty) {
            return Body.NONE;
        }
        int longest = longest(type.orElse(MediaType.ALL));
        if (request.getContentLengthLong() > longest) {
            throw new RefusedRequestException(HttpStatus.CONTENT_TOO_LARGE);
        }
        if (longest <= IN_MEMORY) {
            ByteArrayOutputStream taken = new ByteArrayOutputStream();
            take(request.getInputStream(), taken, longest);
            return new Body(taken.toByteArray(), null);
        }
        Body body = new Body(null, Files.createTempFile("brachion-body", null));
        try (OutputStream taken = Files.newOutputStream(body.file())) {
            take(request.getInputStream(), taken, longest);
        } catch (IOException | RuntimeException broken) {
            body.letGo();
            throw broken;
        }
        return body;
    }

    private static void take(InputStream coming, OutputStream taken, int longest) throws IOException {
        long began = System.nanoTime();
        long size = 0;
        byte[] part = new byte[PART];
        for (int read = coming.read(part); read >= 0; read = coming.read(part)) {
            taken.write(part, 0, read);
            size += read;
            if (size > longest) {
                throw new RefusedRequestException(HttpStatus.CONTENT_TOO_LARGE);
            }
            long takenNs = System.nanoTime() - began;
            if (takenNs > IN_TIME_NS || takenNs > SETTLED_NS && size < SLOWEST * takenNs / SECOND_NS) {
                throw new RefusedRequestException(HttpStatus.REQUEST_TIMEOUT);
            }
        }
    }

    private static Optional<MediaType> type(HttpServletRequest request) {
        try {
            Optional<MediaType> type = Optional.ofNullable(request.getContentType()).map(MediaType::parseMediaType);
            if (type.isEmpty() || type.get().isConcrete()) {
                return type;
            }
        } catch (InvalidMediaTypeException none) {
            // refused like one that says anything
        }
        throw new RefusedRequestException(HttpStatus.UNSUPPORTED_MEDIA_TYPE);
    }

    private static int longest(MediaType given) {
        if (given.equalsTypeAndSubtype(MediaType.APPLICATION_JSON) && (given.getCharset() == null || given.getCharset().equals(StandardCharsets.UTF_8))) {
            return LONGEST_DOCUMENT;
        }
        if (given.equalsTypeAndSubtype(TABLE)) {
            return LONGEST_TABLE;
        }
        if (given.equalsTypeAndSubtype(LOGBOOK)) {
            return LONGEST_LOGBOOK;
        }
        if (DRAWINGS.stream().anyMatch(given::equalsTypeAndSubtype)) {
            return LONGEST_DRAWING;
        }
        if (PHOTOGRAPHS.stream().anyMatch(given::equalsTypeAndSubtype)) {
            return LONGEST_PHOTOGRAPH;
        }
        if (BACKUPS.stream().anyMatch(given::equalsTypeAndSubtype)) {
            return LONGEST_BACKUP;
        }
        throw new RefusedRequestException(HttpStatus.UNSUPPORTED_MEDIA_TYPE);
    }

    /** The request with what it carried, to be read as often as anybody likes. */
    private static final class Taken extends HttpServletRequestWrapper {

        private final Body body;

        Taken(HttpServletRequest request, Body body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            InputStream in = body.open();
            return new ServletInputStream() {

                private boolean finished;

                @Override
                public int read() throws IOException {
                    int next = in.read();
                    finished = next < 0;
                    return next;
                }

                @Override
                public int read(byte[] into, int from, int most) throws IOException {
                    int read = in.read(into, from, most);
                    finished = read < 0;
                    return read;
                }

                @Override
                public boolean isFinished() {
                    return finished;
                }

                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    throw new UnsupportedOperationException("All of it is here already");
                }

                @Override
                public void close() throws IOException {
                    in.close();
                }
            };
        }

        @Override
        public BufferedReader getReader() throws IOException {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }
}
