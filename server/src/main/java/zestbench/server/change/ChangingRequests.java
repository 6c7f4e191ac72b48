package zestbench.server.change;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.webmvc.autoconfigure.WebMvcRegistrations;
import org.springframework.http.HttpMethod;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerAdapter;
import org.springframework.web.servlet.mvc.method.annotation.ServletInvocableHandlerMethod;
import zestbench.server.person.Sender;

/**
 * Stands before every controller method that changes something: what it was sent is read by then, its turn is waited for
 * here. A method that is no change says so with {@link ChangesNothing}; to forget that costs time, not data.
 */
@Component
class ChangingRequests implements WebMvcRegistrations {
    private static final Set<String> CHANGING =
            Set.of(HttpMethod.POST.name(), HttpMethod.PUT.name(), HttpMethod.PATCH.name(), HttpMethod.DELETE.name());

    private final ObjectProvider<IdempotentChange> once;

    ChangingRequests(ObjectProvider<IdempotentChange> once) {
        this.once = once;
    }

    @Override
    public RequestMappingHandlerAdapter getRequestMappingHandlerAdapter() {
        return new RequestMappingHandlerAdapter() {
            @Override
            protected ServletInvocableHandlerMethod createInvocableHandlerMethod(HandlerMethod method) {
                return new Changing(method, once);
            }
        };
    }

    private static final class Changing extends ServletInvocableHandlerMethod {
        private final ObjectProvider<IdempotentChange> once;

        Changing(HandlerMethod method, ObjectProvider<IdempotentChange> once) {
            super(method);
            this.once = once;
        }

        @Override
        protected @Nullable Object doInvoke(@Nullable Object... arguments) throws Exception {
            HttpServletRequest request = ((ServletRequestAttributes)
                            Objects.requireNonNull(RequestContextHolder.getRequestAttributes()))
                    .getRequest();
            boolean isChange = CHANGING.contains(request.getMethod())
                    && !hasMethodAnnotation(ChangesNothing.class)
                    && !getBeanType().isAnnotationPresent(ChangesNothing.class);
            if (!isChange) {
                return super.doInvoke(arguments);
            }
            String what = request.getMethod() + " " + request.getRequestURI();
            return once.getObject()
                    .carryOut(
                            request.getHeader(Sender.REQUEST),
                            what.length() > RequestDone.LONGEST_WHAT
                                    ? what.substring(0, RequestDone.LONGEST_WHAT)
                                    : what,
                            getMethod().getReturnType(),
                            () -> super.doInvoke(arguments));
        }
    }
}
