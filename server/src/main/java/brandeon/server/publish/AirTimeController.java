package brandeon.server.publish;

import brandeon.core.live.Counting;
import brandeon.core.live.Period;
import brandeon.server.access.Members;
import brandeon.server.file.CsvFile;
import brandeon.server.show.RunningShows;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How long sponsors and others that take turns were on screen. */
@RestController
@RequestMapping("/api/shows/{show}/air-time")
class AirTimeController {

    private static final List<Period> PERIODS = List.of(Period.DAY, Period.WEEK, Period.MONTH, Period.EVER);

    /** @param millis on screen, by period */
    record AirTimeLine(String piece, String title, String entry, Map<Period, Long> millis) {}

    private final Members members;
    private final RunningShows shows;
    private final AirTimeRows rows;

    AirTimeController(Members members, RunningShows shows, AirTimeRows rows) {
        this.members = members;
        this.shows = shows;
        this.rows = rows;
    }

    @GetMapping
    List<AirTimeLine> all(@PathVariable UUID show) {
        RunningShows.Running running = shows.get(members.current(), show);
        Counting counting = running.counting();
        long now = System.currentTimeMillis();
        ZoneId zone = ZoneId.of(counting.zone());
        // Whole days, whenever somebody began a period anew.
        Counting days = Counting.STANDARD.with(counting.zone(), counting.currency(), Map.of());
        Map<Period, LocalDate> since = new EnumMap<>(Period.class);
        PERIODS.forEach(period -> since.put(
                period,
                Instant.ofEpochMilli(days.since(period, now)).atZone(zone).toLocalDate()));
        Map<List<String>, AirTimeLine> lines = new LinkedHashMap<>();
        for (AirTimeRow row : rows.of(show)) {
            AirTimeLine line = lines.computeIfAbsent(
                    List.of(row.key.piece(), row.key.entry()),
                    _ -> new AirTimeLine(row.key.piece(), row.title, row.key.entry(), zeros()));
            since.forEach((period, first) -> {
                if (!row.key.day().isBefore(first)) {
                    line.millis().merge(period, row.millis, Long::sum);
                }
            });
        }
        return List.copyOf(lines.values());
    }

    private static Map<Period, Long> zeros() {
        Map<Period, Long> zeros = new EnumMap<>(Period.class);
        PERIODS.forEach(period -> zeros.put(period, 0L));
        return zeros;
    }

    /** Day by day, for whoever is to be told. */
    @GetMapping("/csv")
    ResponseEntity<byte[]> csv(@PathVariable UUID show) {
        shows.get(members.current(), show);
        List<List<?>> lines = new ArrayList<>();
        rows.of(show).stream()
                .sorted((a, b) -> a.key.day().compareTo(b.key.day()))
                .forEach(row -> lines.add(List.of(
                        row.key.day().toString(), row.title, row.key.entry(), Math.round(row.millis / 100.0) / 10.0)));
        return CsvFile.of("on-screen.csv", List.of("Day", "Piece", "What", "Seconds on screen"), lines);
    }
}
