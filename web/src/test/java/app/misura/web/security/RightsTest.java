package app.misura.web.security;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every page and every form of every page, asked for by every role and by nobody. What is new is in the sweep by itself. */
class RightsTest extends TestHouse {
    private static final Pattern OWNERS = Pattern.compile("/house(/.*)?|/clients/none/delete");
    private static final Pattern CUTTERS = Pattern.compile("/orders/none/cut/(choices|tables|garment)");
    private static final Pattern ONES_OWN = Pattern.compile("/account(/end)?|/signout|/denied");
    private static final Pattern OPEN = Pattern.compile("/signin(/held)?|/first|/error");
    private static final Pattern WRITERS_PAGES = Pattern.compile(
            "/(clients|orders)/new|/(clients|orders)/none/edit|/orders/none/(tape|photographs(/none)?)");

    @LocalServerPort
    private int port;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping pages;

    private record Route(String method, String path) {}

    private List<Route> routes() {
        List<Route> routes = new ArrayList<>();
        pages.getHandlerMethods().keySet().forEach(info -> {
            for (String pattern : info.getPatternValues()) {
                String path = pattern.replaceAll("\\{[a-z]+}", "none");
                for (RequestMethod method : info.getMethodsCondition().getMethods()) {
                    routes.add(new Route(method.name(), path));
                }
            }
        });
        return routes.stream()
                .filter(r -> !r.path().startsWith("/api/") && !r.path().startsWith("/v3/"))
                .filter(r -> !OPEN.matcher(r.path()).matches())
                .toList();
    }

    private boolean may(String role, Route route) {
        if (ONES_OWN.matcher(route.path()).matches()) {
            return true;
        }
        if (OWNERS.matcher(route.path()).matches()) {
            return role.equals("owner");
        }
        if (CUTTERS.matcher(route.path()).matches()) {
            return role.equals("owner") || role.equals("cutter");
        }
        boolean writes = !route.method().equals("GET")
                || WRITERS_PAGES.matcher(route.path()).matches();
        return !writes || !role.equals("viewer");
    }

    @Test
    void eachRoleMayWhatItMayAndNobodyMayAnything() {
        List<Route> routes = routes();
        assertThat(routes.size()).as("routes in the sweep").isGreaterThan(45);
        for (String role : List.of("owner", "cutter", "measurer", "viewer")) {
            for (Route route : routes) {
                if (route.path().equals("/account/end") || route.path().equals("/house/backup")) {
                    continue;
                }
                Visitor who = Visitor.as(port, role);
                int status = ask(who, route).status();
                if (may(role, route)) {
                    assertThat(status).as(role + " " + route).isNotIn(401, 403, 500);
                } else {
                    assertThat(status).as(role + " " + route).isEqualTo(403);
                }
            }
        }
        for (Route route : routes) {
            Visitor nobody = new Visitor(port);
            nobody.get("/signin");
            Visitor.Page page = ask(nobody, route);
            assertThat(page.status()).as("nobody " + route).isEqualTo(302);
            assertThat(page.header("location")).as("nobody " + route).contains("/signin");
        }
    }

    private static Visitor.Page ask(Visitor who, Route route) {
        return route.method().equals("GET") ? who.get(route.path()) : who.post(route.path(), Map.of());
    }

    @Test
    void aFormOfAnotherSiteIsTakenByNobody() {
        for (Route route : routes()) {
            if (route.method().equals("POST")) {
                assertThat(Visitor.as(port, "owner")
                                .postWithoutToken(route.path(), Map.of())
                                .status())
                        .as("%s", route)
                        .isEqualTo(403);
            }
        }
    }
}
