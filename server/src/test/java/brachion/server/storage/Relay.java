package brachion.server.storage;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** Stands between a server and its database and can let nothing through, or cut them off from each other. */
final class Relay implements AutoCloseable {

    private enum State { OPEN, STUCK, CUT }

    private final int from;
    private final int to;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private ServerSocket door;
    private State state = State.OPEN;
    private volatile long delayMs;

    /** @param to port of the database */
    Relay(int to) throws IOException {
        this.to = to;
        this.door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        this.from = door.getLocalPort();
        start(this::welcome);
    }

    int port() {
        return from;
    }

    /** Connections stay, and nothing comes through them any more, as with a process that hangs. */
    synchronized void stick() {
        state = State.STUCK;
    }

    /** Connections break, and new ones are refused, as with a process that was killed. */
    synchronized void cut() throws IOException {
        state = State.CUT;
        door.close();
        for (Socket each : open) {
            each.close();
        }
        open.clear();
    }

    /** Everything comes through, each answer late. */
    void delay(long ms) {
        delayMs = ms;
    }

    /** All is well again; what was held up comes through. */
    synchronized void mend() throws IOException {
        if (door.isClosed()) {
            door = new ServerSocket(from, 50, InetAddress.getLoopbackAddress());
            start(this::welcome);
        }
        delayMs = 0;
        state = State.OPEN;
        notifyAll();
    }

    private static void start(Runnable work) {
        Thread thread = new Thread(work, "relay");
        thread.setDaemon(true);
        thread.start();
    }

    private void welcome() {
        ServerSocket here = door;
        while (!here.isClosed()) {
            try {
                Socket near = here.accept();
                Socket far = new Socket(InetAddress.getLoopbackAddress(), to);
                near.setTcpNoDelay(true);
                far.setTcpNoDelay(true);
                if (letIn(near, far)) {
                    start(() -> pass(near, far, false));
                    start(() -> pass(far, near, true));
                }
            } catch (IOException closed) {
                // the door was shut, or the database is
            }
        }
    }

    /** Whoever stood in the door when they were cut off is cut off, too. */
    private synchronized boolean letIn(Socket near, Socket far) throws IOException {
        if (state == State.CUT) {
            near.close();
            far.close();
            return false;
        }
        open.add(near);
        open.add(far);
        return true;
    }

    private void pass(Socket one, Socket other, boolean answers) {
        byte[] part = new byte[8192];
        try (one; other; InputStream in = one.getInputStream()) {
            for (int read = in.read(part); read >= 0; read = in.read(part)) {
                waitWhileStuck();
                if (answers && delayMs > 0) {
                    Thread.sleep(delayMs);
                }
                other.getOutputStream().write(part, 0, read);
            }
        } catch (IOException | InterruptedException broken) {
            // the other end notices
        }
    }

    private synchronized void waitWhileStuck() {
        try {
            while (state == State.STUCK) {
                wait();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() {
        try {
            mend();
            cut();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
