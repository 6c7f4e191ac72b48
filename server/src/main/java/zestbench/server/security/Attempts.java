package zestbench.server.security;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import jakarta.servlet.http.HttpServletRequest;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.Arrays;
import java.util.HexFormat;
import org.springframework.stereotype.Component;

/** Wrong codes and wrong passes are counted for each address: one that guesses shuts out itself and nobody else. */
@Component
class Attempts {
    private static final int MOST = 10;
    private static final Duration WITHIN = Duration.ofMinutes(1);
    private static final int MOST_ADDRESSES = 10_000;
    private static final int NETWORK_BYTES = 8;

    private final Cache<String, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(MOST_ADDRESSES)
            .expireAfterAccess(WITHIN.multipliedBy(10))
            .build();

    /** Whether this address has guessed too often. */
    boolean isShut(HttpServletRequest request) {
        return bucket(request).getAvailableTokens() == 0;
    }

    void countWrong(HttpServletRequest request) {
        bucket(request).tryConsume(1);
    }

    private Bucket bucket(HttpServletRequest request) {
        return buckets.get(
                network(request.getRemoteAddr()),
                address -> Bucket.builder()
                        .addLimit(limit -> limit.capacity(MOST).refillGreedy(MOST, WITHIN))
                        .build());
    }

    /** An IPv6 device has as many addresses as it likes; what stays is its network. */
    private static String network(String address) {
        try {
            InetAddress parsed = InetAddress.getByName(address);
            return parsed instanceof Inet6Address
                    ? HexFormat.of().formatHex(Arrays.copyOf(parsed.getAddress(), NETWORK_BYTES))
                    : address;
        } catch (UnknownHostException none) {
            return address;
        }
    }
}
