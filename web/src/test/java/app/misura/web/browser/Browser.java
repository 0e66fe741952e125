package app.misura.web.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.support.ui.WebDriverWait;

/** One headless browser for all browser tests of a run. */
public final class Browser {
    /** More often nobody presses Tab on one page. */
    private static final int FAR = 160;

    /** What takes longer never comes; a machine that others work on too is slow for a while. */
    private static final Duration PATIENCE = Duration.ofSeconds(40);
    /** A page is there sooner than anybody looks again. */
    private static final Duration SOON = Duration.ofMillis(40);

    private static Browser instance;

    private final ChromeDriver driver;

    private Browser() {
        try {
            Path profile = Files.createTempDirectory("misura-browser");
            ChromeOptions options = new ChromeOptions();
            options.setBinary("/usr/bin/chromium");
            options.addArguments(
                    "--headless=new",
                    "--no-sandbox",
                    "--disable-dev-shm-usage",
                    "--disable-gpu",
                    "--disable-quic",
                    "--no-first-run",
                    "--no-default-browser-check",
                    "--disable-background-networking",
                    "--disable-component-update",
                    "--disable-sync",
                    "--disable-default-apps",
                    "--disable-extensions",
                    "--force-device-scale-factor=1",
                    "--hide-scrollbars",
                    "--lang=en-GB",
                    "--window-size=1280,800",
                    "--user-data-dir=" + profile);
            ChromeDriverService service = new ChromeDriverService.Builder()
                    .usingDriverExecutable(new java.io.File("/usr/bin/chromedriver"))
                    .build();
            driver = new ChromeDriver(service, options);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The browser of this run; closed when the run ends. */
    public static synchronized Browser get() {
        if (instance == null) {
            instance = new Browser();
            Runtime.getRuntime().addShutdownHook(new Thread(instance.driver::quit));
        }
        return instance;
    }

    public ChromeDriver driver() {
        return driver;
    }

    public void size(int width, int height, boolean dark) {
        driver.manage().window().setSize(new Dimension(width, height));
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
        driver.executeCdpCommand(
                "Emulation.setEmulatedMedia",
                Map.of("features", List.of(Map.of("name", "prefers-color-scheme", "value", dark ? "dark" : "light"))));
    }

    public void signIn(String base, String name) {
        driver.get(base + "/signin");
        driver.manage().deleteAllCookies();
        driver.get(base + "/signin");
        find("#name").sendKeys(name);
        find("#password").sendKeys("demo-misura");
        find("main button[type=submit]").click();
        waitFor("h1");
        await("signed in", () -> !driver.getCurrentUrl().contains("/signin"));
    }

    public WebElement find(String css) {
        return driver.findElement(By.cssSelector(css));
    }

    public List<WebElement> all(String css) {
        return driver.findElements(By.cssSelector(css));
    }

    public WebElement waitFor(String css) {
        new WebDriverWait(driver, PATIENCE, SOON)
                .until(d -> !d.findElements(By.cssSelector(css)).isEmpty());
        return find(css);
    }

    private static final String GONE = "does not belong to the document";

    /** Waits until something is so; an element that is just being replaced counts as not yet. */
    public void await(String what, java.util.function.BooleanSupplier so) {
        new WebDriverWait(driver, PATIENCE, SOON)
                .withMessage(() -> what + "; instead " + shown())
                .until(d -> {
                    try {
                        return so.getAsBoolean();
                    } catch (StaleElementReferenceException | org.openqa.selenium.NoSuchElementException e) {
                        return false;
                    } catch (WebDriverException e) {
                        // the driver's other word for it, when the page goes while it looks
                        if (String.valueOf(e.getMessage()).contains(GONE)) {
                            return false;
                        }
                        throw e;
                    }
                });
    }

    public String text(String css) {
        return find(css).getText();
    }

    /** Where it is and what stands there, for whoever reads of a failure without having seen it. */
    private String shown() {
        return script("return location.href + ' shows ' + document.body.innerText.replace(/\\s+/g, ' ').slice(0, 600)"
                        + " + ' with the focus on ' + document.activeElement.outerHTML.slice(0, 120)")
                .toString();
    }

    /** Types where the focus is, as a person does. */
    public void type(CharSequence... keys) {
        driver.switchTo().activeElement().sendKeys(keys);
    }

    /** Goes on with the Tab key until something has the focus, as a person without a pointer does. */
    public void tabTo(String css) {
        for (int i = 0; i < FAR; i++) {
            WebElement now = driver.switchTo().activeElement();
            if (Boolean.TRUE.equals(script("return arguments[0].matches(arguments[1])", now, css))) {
                return;
            }
            now.sendKeys(Keys.TAB);
        }
        throw new AssertionError(css + " is not reached with " + FAR + " presses of Tab on " + driver.getCurrentUrl());
    }

    public void enter() {
        type(Keys.ENTER);
    }

    public byte[] picture() {
        return driver.getScreenshotAs(OutputType.BYTES);
    }

    public Object script(String script, Object... arguments) {
        return driver.executeScript(script, arguments);
    }
}
