package brandeon.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.live.Asked;
import brandeon.server.live.Told;
import brandeon.server.support.RunningServer;
import java.lang.reflect.Parameter;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * The description calls types by their simple names, so that two of one name would silently become one: then the web
 * application's types are those of the wrong one.
 */
@ExtendWith(RunningServer.class)
class TypeNamesTest {

    private final Set<Class<?>> seen = new LinkedHashSet<>();

    @Test
    void noTwoTypesOfTheDescriptionHaveOneName(RunningServer server) {
        look(Asked.class);
        look(Told.class);
        for (HandlerMethod method : server.bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .values()) {
            look(method.getMethod().getGenericReturnType());
            for (Parameter parameter : method.getMethod().getParameters()) {
                if (parameter.isAnnotationPresent(RequestBody.class)) {
                    look(parameter.getParameterizedType());
                }
            }
        }
        assertThat(seen).hasSizeGreaterThan(100);
        Map<String, List<Class<?>>> byName = new TreeMap<>();
        seen.forEach(type -> byName.merge(type.getSimpleName(), List.of(type), TypeNamesTest::both));
        byName.values().removeIf(types -> types.size() == 1);
        assertThat(byName).isEmpty();
    }

    private static List<Class<?>> both(List<Class<?>> some, List<Class<?>> more) {
        return java.util.stream.Stream.concat(some.stream(), more.stream()).toList();
    }

    private void look(Type type) {
        if (type instanceof ParameterizedType generic) {
            for (Type argument : generic.getActualTypeArguments()) {
                look(argument);
            }
        } else if (type instanceof Class<?> one
                && one.getName().startsWith("brandeon.")
                && !one.isEnum()
                && seen.add(one)) {
            if (one.isSealed()) {
                for (Class<?> sort : one.getPermittedSubclasses()) {
                    look(sort);
                }
            }
            if (one.isRecord()) {
                for (RecordComponent part : one.getRecordComponents()) {
                    look(part.getGenericType());
                }
            }
        }
    }
}
