package zestbench.server.change;

/**
 * An answer that is not kept with its request but told anew, as things then stand.
 *
 * @param <T> the answer's type
 */
public interface Retold<T> {
    Class<T> type();

    /** What the answer is about. */
    String key(T answer);

    T tell(String key);
}
