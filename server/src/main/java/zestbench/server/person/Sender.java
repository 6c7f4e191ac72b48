package zestbench.server.person;

import org.jspecify.annotations.Nullable;

/**
 * Who sends a change, and the name of the request, so that it is carried out once however often it is sent.
 *
 * @param id of the technician
 * @param who the technician's name, as it goes on the tape
 * @param depot the truck the technician drives
 * @param request null where the sender does not name it
 */
public record Sender(
        long id, String who, String depot, @Nullable String request) {
    public static final String TECHNICIAN = "X-Technician";
    public static final String REQUEST = "X-Request-Id";
}
