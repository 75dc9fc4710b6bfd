package brandeon.server.demo;

import brandeon.server.access.Accounts;
import brandeon.server.access.Members;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The steward puts the demo away and brings it back. */
@RestController
@RequestMapping("/api/installation/demo")
class DemoController {

    record DemoState(boolean present) {}

    private final Demo demo;
    private final Accounts accounts;
    private final Members members;

    DemoController(Demo demo, Accounts accounts, Members members) {
        this.demo = demo;
        this.accounts = accounts;
        this.members = members;
    }

    @GetMapping
    DemoState state() {
        accounts.requireSteward(members.account());
        return new DemoState(demo.present());
    }

    @PutMapping
    DemoState put(@RequestBody DemoState wish) {
        accounts.requireSteward(members.account());
        demo.put(wish.present());
        return new DemoState(demo.present());
    }
}
