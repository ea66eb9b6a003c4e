package brachion.server.storage;

import brachion.server.problem.RefusedRequestException;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Long work that is under way in this server, by the key its request carries: how far it is, and whether it is still wanted. Work that is stopped
 * is taken back as a whole by the transaction it is done in.
 */
@Component
public class UnderWay {

    private static final ThreadLocal<Work> HERE = new ThreadLocal<>();

    private final Map<String, Work> works = new ConcurrentHashMap<>();

    /**
     * How far some work is.
     *
     * @param done how much is done
     * @param of   of how much, 0 while that is not known
     */
    public record Progress(int done, int of) {
    }

    private enum State { WORKING, STOPPED, KEPT }

    private static final class Work {

        private State state = State.WORKING;
        private Progress progress = new Progress(0, 0);

        synchronized boolean stop() {
            if (state == State.WORKING) {
                state = State.STOPPED;
            }
            return state == State.STOPPED;
        }

        synchronized void be(State next, Progress now) {
            if (state == State.STOPPED) {
                throw new RefusedRequestException(HttpStatus.CONFLICT, "This was stopped, and nothing of it was kept.");
            }
            state = next;
            progress = now;
        }

        synchronized Progress progress() {
            return progress;
        }
    }

    /** Work begins in this thread; {@link #ends} is due when it is over. */
    public void begins(String key) {
        Work work = new Work();
        HERE.set(work);
        works.put(inThisShop(key), work);
    }

    /** The work of this thread is over. */
    public void ends(String key) {
        works.remove(inThisShop(key), HERE.get());
        HERE.remove();
    }

    /**
     * Says how far the work of this thread is.
     *
     * @throws RefusedRequestException when it is no longer wanted
     */
    public static void at(int done, int of) {
        said(State.WORKING, new Progress(done, of));
    }

    /**
     * All is done and only to be kept; from here on it cannot be stopped.
     *
     * @throws RefusedRequestException when it is no longer wanted
     */
    public static void keep(int done) {
        said(State.KEPT, new Progress(done, done));
    }

    private static void said(State state, Progress progress) {
        Work work = HERE.get();
        if (work != null) {
            work.be(state, progress);
        }
    }

    /** How far the work of a key is; empty where none is under way. */
    public Optional<Progress> progress(String key) {
        return Optional.ofNullable(works.get(inThisShop(key))).map(Work::progress);
    }

    /** Stops the work of a key. Gives whether it stops; what is done, or all but kept, does not. */
    public boolean stop(String key) {
        return Optional.ofNullable(works.get(inThisShop(key))).filter(Work::stop).isPresent();
    }

    private static String inThisShop(String key) {
        return CurrentShop.key() + " " + key;
    }
}
