package brachion.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ReducedMotion;
import java.net.HttpURLConnection;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;

/** A test that drives the page of the demo workshop in Chromium and fails when the page reports an error. */
@ExtendWith(WhatWasSeen.class)
abstract class BrowserTest {

    private static final Pattern ODDS = Pattern.compile("(\\d+) in (\\d+)");

    /** A busy machine may take its time; a page that is wrong stays wrong. */
    private static final double PATIENCE_MS = 45_000;

    /** Counts what the page has asked its server for and not been answered yet. */
    private static final String COUNT_WHAT_IS_ASKED = """
            (() => {
                const ask = window.fetch;
                window.underWay = 0;
                window.fetch = (...what) => {
                    window.underWay++;
                    return ask(...what).finally(() => { window.underWay--; });
                };
            })()""";
    /**
     * Nothing is under way and nothing shown is the answer to something older, over so many frames one after another: an answer that
     * makes the page ask again does so within a frame or two, however slow the machine is.
     */
    private static final String CALM = """
            () => {
                const busy = window.underWay > 0 || document.querySelector('[aria-busy=true]');
                window.calmFrames = busy ? 0 : (window.calmFrames ?? 0) + 1;
                return window.calmFrames > 8;
            }""";

    /** A page that was not open before begins as in a browser in which nothing was kept; what it keeps is there when it is loaded again. */
    private static final String NOTHING_KEPT = """
            if (!sessionStorage.getItem('begun')) {
                localStorage.clear();
                sessionStorage.setItem('begun', 'yes');
            }""";

    private static final Path CHROMIUM = Path.of("/usr/bin/chromium-headless-shell");
    /**
     * What a page is made of is read and compiled once for all pages of a product, in the one process they share; none is kept ready for
     * a page that nobody opens.
     */
    private static final List<String> SPARING = List.of("--process-per-site", "--disable-features=SpareRendererForSitePerProcess",
            "--disable-gpu", "--disable-background-networking", "--disable-component-update", "--disable-sync", "--no-first-run");

    private static Browser browser;
    /** One for each product: what the page is made of is fetched once, as by people who come back. */
    private static final Map<String, BrowserContext> CONTEXTS = new HashMap<>();

    private final List<String> errors = new ArrayList<>();
    /** What the server refused, for whoever looks why a test failed. */
    private final List<String> refused = new ArrayList<>();
    private BrowserContext context;
    protected Page page;

    /** One browser for all classes, until they are all done. */
    private static synchronized Browser browser() {
        if (browser == null) {
            browser = openBrowser();
            Runtime.getRuntime().addShutdownHook(new Thread(() -> browser.close()));
        }
        return browser;
    }

    private static Browser openBrowser() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        Playwright playwright = Playwright.create(new Playwright.CreateOptions()
                .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        return playwright.chromium().launch(new BrowserType.LaunchOptions()
                .setExecutablePath(CHROMIUM).setChromiumSandbox(false).setArgs(SPARING));
    }

    @BeforeEach
    void openPage() {
        context = CONTEXTS.computeIfAbsent(product().address(), BrowserTest::newContext);
        page = context.newPage();
        page.addInitScript(NOTHING_KEPT);
        page.onConsoleMessage(message -> {
            if (message.type().equals("error") || message.type().equals("warning")) {
                errors.add(message.text() + " at " + message.location());
            }
        });
        page.onPageError(errors::add);
        page.onResponse(response -> {
            if (response.status() >= HttpURLConnection.HTTP_BAD_REQUEST) {
                refused.add(response.request().method() + " " + response.url() + " answered " + response.status() + " to " + response.request().postData());
            }
        });
    }

    private static BrowserContext newContext(String address) {
        BrowserContext context = browser().newContext(new Browser.NewContextOptions().setBaseURL(address).setViewportSize(1280, 800).setLocale("en-GB")
                .setReducedMotion(ReducedMotion.REDUCE));
        context.setDefaultTimeout(PATIENCE_MS);
        context.addInitScript(COUNT_WHAT_IS_ASKED);
        return context;
    }

    @AfterEach
    void closePage() {
        context.setOffline(false);
        context.pages().forEach(Page::close);
        context.clearCookies();
        assertThat(errors).as("errors the page reported; refused: %s", refused).isEmpty();
    }

    /** The product under test: the demo workshop, which all these tests share. */
    protected Product product() {
        return Product.demo();
    }

    protected void show(String view) {
        page.navigate(view);
        page.getByRole(AriaRole.MAIN).waitFor();
        settle();
    }

    protected Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    protected Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** Types into a field and goes on to the next, as a person does. */
    protected void type(String label, String text) {
        field(label).fill(text);
        field(label).blur();
    }

    /** A word in the sentence of a recipe that is chosen and not typed. */
    protected Locator word(String label) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + label + ": ")));
    }

    /** Takes another option for a word in the sentence of a recipe. */
    protected void choose(String label, String option) {
        word(label).click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option).setExact(true)).click();
    }

    /** Takes another way of bending from those laid out. */
    protected void bendBy(String way) {
        word("How it is bent").click();
        page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("How it is bent"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + way))).click();
    }

    /** Does something that changes what is forecast and waits until the page has been answered. */
    protected double oddsAfter(Runnable change) {
        change.run();
        settle();
        return odds();
    }

    /** Waits until what was asked has been answered and drawn: an older answer is marked as busy. */
    protected void settle() {
        page.evaluate("window.calmFrames = 0");
        page.waitForFunction(CALM);
    }

    /** Where something is to be taken hold of by the mouse: in the middle of the window, for a click before may have scrolled it under the head of the page. */
    protected static BoundingBox inTheMiddle(Locator held) {
        held.evaluate("held => held.scrollIntoView({ block: 'center', behavior: 'instant' })");
        return held.boundingBox();
    }

    /** The odds as the page says them. */
    protected double odds() {
        String said = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Odds"))
                .locator("p").first().innerText();
        Matcher matched = ODDS.matcher(said);
        assertThat(matched.find()).as("odds in “%s”", said).isTrue();
        return Double.parseDouble(matched.group(1)) / Double.parseDouble(matched.group(2));
    }

    /** What the page reported so far. */
    List<String> reported() {
        return List.copyOf(errors);
    }

    /** Where the pages of this test are open. */
    BrowserContext context() {
        return context;
    }

    protected void forgetErrors() {
        errors.clear();
    }
}
