package wegweiser.files.io;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import wegweiser.core.words.Words;

/**
 * One end of a pipe or a device. The platform opens a pipe only when somebody opens its other end, and would wait for that
 * without end; here it is waited for three seconds.
 */
public final class PipeEnd {
    private static final int PATIENCE_SECONDS = 3;

    private PipeEnd() {}

    /** Whether there is something at a path that is neither a file nor a folder. */
    public static boolean is(Path path) throws IOException {
        return Files.exists(path) && Files.readAttributes(path, BasicFileAttributes.class).isOther();
    }

    /**
     * To write into it.
     *
     * @throws IOException too when nobody reads from it
     */
    static OutputStream toWrite(Path path) throws IOException {
        return opened(path, "file.pipe", () -> Files.newOutputStream(path, StandardOpenOption.WRITE),
                () -> Files.newInputStream(path).close());
    }

    /**
     * To read from it.
     *
     * @throws IOException too when nobody writes into it
     */
    public static InputStream toRead(Path path) throws IOException {
        return opened(path, "file.pipe-empty", () -> Files.newInputStream(path),
                () -> Files.newOutputStream(path, StandardOpenOption.WRITE).close());
    }

    /** Somebody who takes the other end for a moment, so that whoever waits goes on. */
    private interface OtherEnd {
        void touch() throws IOException;
    }

    private static <S extends AutoCloseable> S opened(Path path, String refusal, Callable<S> open,
            OtherEnd other) throws IOException {
        CompletableFuture<S> opening = new CompletableFuture<>();
        Thread.ofPlatform().daemon().start(() -> {
            try {
                S stream = open.call();
                if (!opening.complete(stream)) {
                    stream.close();
                }
            } catch (Exception e) {
                opening.completeExceptionally(e);
            }
        });
        try {
            return opening.get(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (TimeoutException _) {
            if (opening.cancel(false)) {
                other.touch();
            }
            throw new IOException(Words.say(refusal, path));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(Words.say(refusal, path), e);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof IOException io ? io : new IOException(e.getCause());
        }
    }
}
