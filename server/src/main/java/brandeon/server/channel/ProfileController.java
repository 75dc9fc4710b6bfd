package brandeon.server.channel;

import brandeon.core.platform.Profile;
import brandeon.core.platform.Profiles;
import brandeon.server.access.Members;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Platforms as documents: read, checked, written, deleted. */
@RestController
@RequestMapping("/api/platforms")
class ProfileController {

    /** @param own whether it is the workspace's and may be changed */
    record PlatformView(String id, String title, boolean own, List<Profile.Covered> covers, String document) {}

    record ProfileText(String document) {}

    /** @param flaws empty when it can be taken */
    record ProfileCheck(List<Profiles.Flaw> flaws) {}

    private final Members members;
    private final PlatformProfiles profiles;

    ProfileController(Members members, PlatformProfiles profiles) {
        this.members = members;
        this.profiles = profiles;
    }

    @GetMapping
    List<PlatformView> all() {
        return profiles.all(members.current()).stream()
                .map(ProfileController::view)
                .toList();
    }

    /** What is wrong with a document, by line; nothing is kept. */
    @PostMapping("/check")
    ProfileCheck check(@RequestBody ProfileText text) {
        members.current();
        return new ProfileCheck(Profiles.flaws(text.document()));
    }

    /** The document says by its id which one it is. */
    @PostMapping
    PlatformView put(@RequestBody ProfileText text) {
        return view(profiles.put(members.current(), text.document()));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id) {
        profiles.remove(members.current(), id);
    }

    private static PlatformView view(PlatformProfiles.Entry entry) {
        Profile profile = entry.profile();
        return new PlatformView(profile.id(), profile.title(), entry.own(), profile.covers(), entry.document());
    }
}
