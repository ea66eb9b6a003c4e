package brachion.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.LifecycleMethodExecutionExceptionHandler;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;

/**
 * What was seen when a test failed, kept in {@code target/failures}: a picture of each page that was open, its address and words, what
 * the page reported, and the log of the server. The run prints the words of it at its end.
 */
final class WhatWasSeen implements TestExecutionExceptionHandler, LifecycleMethodExecutionExceptionHandler {

    private static final Path FAILURES = Path.of("target/failures");
    private static final int MOST_WARNINGS = 10;

    @Override
    public void handleTestExecutionException(ExtensionContext test, Throwable failure) throws Throwable {
        keep(test, failure);
        throw failure;
    }

    @Override
    public void handleAfterEachMethodExecutionException(ExtensionContext test, Throwable failure) throws Throwable {
        keep(test, failure);
        throw failure;
    }

    private static void keep(ExtensionContext test, Throwable failure) {
        try {
            BrowserTest browsing = (BrowserTest) test.getRequiredTestInstance();
            String method = test.getRequiredTestMethod().getName();
            String name = test.getRequiredTestClass().getSimpleName() + "." + method + (test.getDisplayName().startsWith(method) ? "" : " " + test.getDisplayName());
            Path folder = Files.createDirectories(FAILURES.resolve(name.replaceAll("[^A-Za-z0-9_.]+", "_")));
            Path log = browsing.product().log();
            Files.writeString(folder.resolve("failure.txt"), failure + "\n\nReported by the page:\n" + String.join("\n", browsing.reported())
                    + "\n\nThe server's warnings:\n" + String.join("\n", warnings(log)) + "\n");
            pages(browsing.context(), folder);
            if (Files.exists(log)) {
                Files.copy(log, folder.resolve("server.log"), StandardCopyOption.REPLACE_EXISTING);
            }
        } catch (IOException | RuntimeException nothingToSee) {
            failure.addSuppressed(nothingToSee);
        }
    }

    /** The last of them. */
    private static List<String> warnings(Path log) throws IOException {
        if (!Files.exists(log)) {
            return List.of();
        }
        List<String> warnings = Files.readAllLines(log).stream().filter(line -> line.contains(" WARN ") || line.contains(" ERROR ")).toList();
        return warnings.subList(Math.max(0, warnings.size() - MOST_WARNINGS), warnings.size());
    }

    private static void pages(BrowserContext context, Path folder) throws IOException {
        List<Page> pages = context.pages();
        for (int i = 0; i < pages.size(); i++) {
            Page page = pages.get(i);
            try {
                page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve("page-" + (i + 1) + ".png")).setFullPage(true));
                Files.writeString(folder.resolve("page-" + (i + 1) + ".txt"), page.url() + "\n\n" + page.locator("body").innerText());
            } catch (PlaywrightException gone) {
                Files.writeString(folder.resolve("page-" + (i + 1) + ".txt"), page.url() + "\n\ncould not be looked at: " + gone.getMessage());
            }
        }
    }
}
