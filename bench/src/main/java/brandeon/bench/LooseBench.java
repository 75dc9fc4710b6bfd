package brandeon.bench;

import brandeon.core.loose.What;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** 200 loose files into a running server as a browser sends them: time, honest progress, and what was recognised. */
final class LooseBench {

    private static final int AT_ONCE = 2;
    private static final Pattern SHARE = Pattern.compile("\"share\":([0-9.E-]+)");
    private static final Pattern FILE =
            Pattern.compile("\"number\":(\\d+),\"path\":\"([^\"]*)\",\"bytes\":\\d+,\"what\":\"([A-Z]+)\"");
    private static final Pattern BOND = Pattern.compile("\"bond\":\"([A-Z]+)\",\"of\":(\\d+)");

    private LooseBench() {}

    /** @param at seconds since the beginning @param share that was told then */
    private record Told(double at, double share) {}

    static void main(String[] args) throws Exception {
        List<LoosePack.Truth> pack = LoosePack.of(args.length > 1 ? Long.parseLong(args[1]) : 20261129);
        Host host = Host.signedIn(args[0]);
        String theme = host.theme();
        String announced = pack.stream()
                .map(file -> "{\"path\":\"" + file.path() + "\",\"bytes\":" + file.content().length + "}")
                .collect(Collectors.joining(",", "{\"files\":[", "]}"));
        String begun = host.call("POST", "/api/themes/" + theme + "/packs", announced);
        String id = begun.replaceFirst("(?s).*?\"id\":\"([^\"]*)\".*", "$1");
        List<Told> told = Collections.synchronizedList(new ArrayList<>());
        ConcurrentLinkedQueue<Integer> waiting = new ConcurrentLinkedQueue<>();
        for (int i = 0; i < pack.size(); i++) {
            waiting.add(i);
        }
        AtomicInteger refused = new AtomicInteger();
        long start = System.nanoTime();
        try (ExecutorService senders = Executors.newFixedThreadPool(AT_ONCE)) {
            for (int i = 0; i < AT_ONCE; i++) {
                senders.submit(() -> {
                    for (Integer number = waiting.poll(); number != null; number = waiting.poll()) {
                        try {
                            String answer = host.putFile(
                                    "/api/themes/" + theme + "/packs/" + id + "/files/" + number,
                                    pack.get(number).content());
                            Matcher share = SHARE.matcher(answer);
                            if (share.find()) {
                                told.add(new Told(
                                        (System.nanoTime() - start) / 1e9, Double.parseDouble(share.group(1))));
                            }
                        } catch (Exception e) {
                            refused.incrementAndGet();
                            System.out.println(pack.get(number).path() + ": " + e);
                        }
                    }
                });
            }
        }
        double seconds = (System.nanoTime() - start) / 1e9;
        double worst = told.stream()
                .mapToDouble(one -> Math.abs(one.share() - one.at() / seconds))
                .max()
                .orElse(1);
        System.out.printf(
                "%d loose files of %.1f MB read: %.1f s (%d refused); progress at most %.0f %% beside the truth%n",
                pack.size(),
                pack.stream().mapToLong(file -> file.content().length).sum() / 1e6,
                seconds,
                refused.get(),
                worst * 100);
        long before = System.nanoTime();
        String view = host.call(
                "POST",
                "/api/themes/" + theme + "/packs/" + id + "/proposal",
                "{\"choices\":{\"files\":[],\"places\":[]}}");
        System.out.printf("sorted and proposed: %.0f ms%n", (System.nanoTime() - before) / 1e6);
        recognised(pack, view);
        if (args.length < 3) {
            host.call("DELETE", "/api/themes/" + theme + "/packs/" + id, "");
        }
    }

    private static void recognised(List<LoosePack.Truth> pack, String view) {
        Map<Integer, String> found = new HashMap<>();
        Map<Integer, Integer> leaders = new HashMap<>();
        Matcher file = FILE.matcher(view);
        Matcher bond = BOND.matcher(view);
        while (file.find() && bond.find(file.end())) {
            found.put(Integer.parseInt(file.group(1)), file.group(3));
            leaders.put(Integer.parseInt(file.group(1)), Integer.parseInt(bond.group(2)));
        }
        int right = 0;
        Map<What, Integer> wrong = new TreeMap<>();
        for (int i = 0; i < pack.size(); i++) {
            LoosePack.Truth truth = pack.get(i);
            if (truth.what().name().equals(found.get(i))) {
                right++;
            } else {
                wrong.merge(truth.what(), 1, Integer::sum);
                System.out.println("  " + truth.path() + " is " + truth.what() + ", taken for " + found.get(i));
            }
        }
        int groups = 0;
        for (int i = 0; i < pack.size(); i++) {
            for (int k = i + 1; k < pack.size(); k++) {
                boolean together = !pack.get(i).group().isEmpty()
                        && pack.get(i).group().equals(pack.get(k).group());
                if (together != leaders.getOrDefault(i, -1).equals(leaders.getOrDefault(k, -2))) {
                    groups++;
                    System.out.println("  " + pack.get(i).path() + " and "
                            + pack.get(k).path()
                            + (together ? " are one drawing, taken for two" : " are two, taken for one drawing"));
                }
            }
        }
        System.out.printf(
                "recognised right: %d of %d (%.1f %%); pairs grouped wrong: %d; wrong: %s%n",
                right, pack.size(), 100.0 * right / pack.size(), groups, wrong);
    }
}
