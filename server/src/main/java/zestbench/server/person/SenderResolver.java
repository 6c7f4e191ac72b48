package zestbench.server.person;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import zestbench.core.quantity.InputProblem;

/** Makes the {@link Sender} of a change from its headers. */
@Configuration
class SenderResolver implements HandlerMethodArgumentResolver, WebMvcConfigurer {
    private static final int LONGEST_REQUEST = 64;

    static {
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(Sender.class);
    }

    private final People people;

    SenderResolver(People people) {
        this.people = people;
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Sender.class;
    }

    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            @Nullable ModelAndViewContainer container,
            NativeWebRequest web,
            @Nullable WebDataBinderFactory binders) {
        long id = technician(web.getHeader(Sender.TECHNICIAN));
        String request = web.getHeader(Sender.REQUEST);
        InputProblem.require(
                request == null || request.length() <= LONGEST_REQUEST,
                Sender.REQUEST,
                null,
                "give up to 64 characters");
        Technician technician = people.sender(id);
        return new Sender(id, technician.name(), technician.depot(), request);
    }

    private static long technician(@Nullable String header) {
        InputProblem.require(header != null, Sender.TECHNICIAN, null, "say first who works here");
        try {
            return Long.parseLong(String.valueOf(header));
        } catch (NumberFormatException unreadable) {
            throw InputProblem.of(Sender.TECHNICIAN, header, "give the number of a technician");
        }
    }
}
