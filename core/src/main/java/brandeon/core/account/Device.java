package brandeon.core.account;

import java.util.List;
import java.util.Map;

/**
 * What somebody signed in with, in words, as far as the browser tells (User-Agent, RFC 9110, section 10.1.5). Only for
 * people to know their own devices by: it can say anything.
 */
public final class Device {

    /** A sign by which one is known, and its name; the first that fits, since most claim to be others as well. */
    private static final List<Map.Entry<String, String>> BROWSERS = List.of(
            Map.entry("Edg", "Edge"),
            Map.entry("OPR/", "Opera"),
            Map.entry("Firefox/", "Firefox"),
            Map.entry("FxiOS/", "Firefox"),
            Map.entry("CriOS/", "Chrome"),
            Map.entry("Chromium/", "Chromium"),
            Map.entry("Chrome/", "Chrome"),
            Map.entry("Safari/", "Safari"));

    private static final List<Map.Entry<String, String>> SYSTEMS = List.of(
            Map.entry("iPhone", "an iPhone"),
            Map.entry("iPad", "an iPad"),
            Map.entry("Android", "Android"),
            Map.entry("Windows", "Windows"),
            Map.entry("Mac OS X", "macOS"),
            Map.entry("CrOS", "ChromeOS"),
            Map.entry("Linux", "Linux"));

    private Device() {}

    /** @param userAgent as the browser sent it; empty when it sent none */
    public static String named(String userAgent) {
        String browser = first(BROWSERS, userAgent);
        String system = first(SYSTEMS, userAgent);
        if (browser.isEmpty()) {
            return system.isEmpty() ? "Something else than a browser" : "Something on " + system;
        }
        return system.isEmpty() ? browser : browser + " on " + system;
    }

    private static String first(List<Map.Entry<String, String>> signs, String text) {
        return signs.stream()
                .filter(sign -> text.contains(sign.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse("");
    }
}
