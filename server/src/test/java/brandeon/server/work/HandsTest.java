package brandeon.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.security.authentication.TestingAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;

class HandsTest {

    private final Hands hands = new Hands();

    @AfterEach
    void stop() {
        hands.stop();
        SecurityContextHolder.clearContext();
    }

    @Test
    void findingsGoBeforeFilesHoweverManyOfThoseWait() throws Exception {
        int threads = Math.max(1, Runtime.getRuntime().availableProcessors() - 1);
        CountDownLatch gate = new CountDownLatch(1);
        CountDownLatch begun = new CountDownLatch(threads);
        List<String> order = Collections.synchronizedList(new ArrayList<>());
        AtomicInteger asked = new AtomicInteger();
        try (ExecutorService people = Executors.newVirtualThreadPerTaskExecutor()) {
            for (int i = 0; i < threads; i++) {
                people.submit(() -> hands.work(Hands.For.FILES, () -> {
                    begun.countDown();
                    return gate.await(20, TimeUnit.SECONDS);
                }));
            }
            assertThat(begun.await(20, TimeUnit.SECONDS)).isTrue();
            for (int i = 0; i < 5; i++) {
                people.submit(() -> {
                    asked.incrementAndGet();
                    return hands.work(Hands.For.FILES, () -> order.add("file"));
                });
            }
            people.submit(() -> {
                asked.incrementAndGet();
                return hands.work(Hands.For.FINDINGS, () -> order.add("finding"));
            });
            while (asked.get() < 6 || hands.waiting() < 6) {
                Thread.onSpinWait();
            }
            // Nobody at a screen waits for any of them.
            assertThat(hands.<String, RuntimeException>work(Hands.For.STAGE, () -> "sample"))
                    .isEqualTo("sample");
            gate.countDown();
        }
        assertThat(order).hasSize(6);
        assertThat(order.indexOf("finding")).isLessThan(threads);
    }

    @Test
    void whatItAsksForInTurnItDoesItself() {
        assertThat(hands.<Integer, RuntimeException>work(
                        Hands.For.FILES, () -> hands.<Integer, RuntimeException>work(Hands.For.FINDINGS, () -> 7)))
                .isEqualTo(7);
    }

    @Test
    void itWorksAsThePersonWhoAsksAndFailsAsTheWorkDoes() {
        SecurityContextHolder.getContext().setAuthentication(new TestingAuthenticationToken("Mirela Osk", ""));
        assertThat(hands.<String, RuntimeException>work(
                        Hands.For.STAGE,
                        () -> SecurityContextHolder.getContext()
                                .getAuthentication()
                                .getName()))
                .isEqualTo("Mirela Osk");
        assertThatThrownBy(() -> hands.work(Hands.For.FILES, () -> {
                    throw new IOException("no room");
                }))
                .isInstanceOf(IOException.class)
                .hasMessage("no room");
    }
}
