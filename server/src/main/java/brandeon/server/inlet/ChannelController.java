package brandeon.server.inlet;

import brandeon.core.live.SignalKind;
import brandeon.server.access.Addresses;
import brandeon.server.access.Keys;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import brandeon.server.channel.PlatformProfiles;
import brandeon.server.theme.Themes;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Channels as people see to them: what they are called, what depends on them, and how facts come in. */
@RestController
@RequestMapping("/api/channels")
class ChannelController {

    record NewChannel(String platform, String name) {}

    record ChannelName(String name) {}

    /** @param type as CloudEvents have it @param word that viewers of the platform know */
    record SignalType(SignalKind kind, String type, String word) {}

    /**
     * How facts come in.
     *
     * @param themes that are made for this channel, by name
     * @param call   to be pasted into a shell, with the secret in SECRET
     */
    record InletView(
            UUID channel,
            String name,
            String platform,
            List<String> themes,
            String address,
            List<SignalType> signals,
            String call) {}

    /** @param secret in hexadecimal digits; not shown again */
    record IssuedSecret(String secret) {}

    private final Members members;
    private final Channels channels;
    private final PlatformProfiles profiles;
    private final Themes themes;
    private final Keys keys;
    private final Addresses addresses;

    ChannelController(
            Members members,
            Channels channels,
            PlatformProfiles profiles,
            Themes themes,
            Keys keys,
            Addresses addresses) {
        this.members = members;
        this.channels = channels;
        this.profiles = profiles;
        this.themes = themes;
        this.keys = keys;
        this.addresses = addresses;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    InletView add(@RequestBody NewChannel wish) {
        Member member = members.current();
        return view(channels.add(member, profiles.get(member, wish.platform()), wish.name()));
    }

    @PutMapping("/{channel}")
    InletView rename(@PathVariable UUID channel, @RequestBody ChannelName wish) {
        return view(channels.rename(members.current(), channel, wish.name()));
    }

    /** With its signals; refused while themes are made for it. */
    @DeleteMapping("/{channel}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID channel) {
        channels.remove(members.current(), channel);
    }

    @GetMapping("/{channel}/inlet")
    InletView inlet(@PathVariable UUID channel) {
        Member member = members.current().requires(Role.OPERATOR);
        return view(channels.get(member, channel));
    }

    /** The next signing secret; what is signed with the one before is refused from then on. */
    @PostMapping("/{channel}/inlet/secret")
    IssuedSecret renewSecret(@PathVariable UUID channel) {
        Channels.Channel renewed = channels.renewSecret(members.current(), channel);
        return new IssuedSecret(HexFormat.of().formatHex(keys.signingSecret(renewed.id(), renewed.secret())));
    }

    private InletView view(Channels.Channel channel) {
        String address = addresses.base() + keys.inletPath(channel.id());
        List<SignalType> signals = channel.platform().signals().stream()
                .map(term -> new SignalType(term.kind(), term.type(), term.word()))
                .toList();
        return new InletView(
                channel.id(),
                channel.name(),
                channel.platform().title(),
                themes.onChannel(channel.id()).stream()
                        .map(draft -> draft.theme().name())
                        .toList(),
                address,
                signals,
                call(address, signals.getFirst().type()));
    }

    /** OpenSSL takes the secret as it is shown; curl sends the body as it was signed. */
    private static String call(String address, String type) {
        return String.format(Locale.ROOT, """
                BODY='{"specversion":"1.0","type":"%s","source":"/my-script","id":"'$(date +%%s%%N)'","data":{"name":"Ilse Fenn"}}'
                SIGNATURE=$(printf %%s "$BODY" | openssl dgst -sha256 -mac HMAC -macopt "hexkey:$SECRET" -r | cut -d' ' -f1)
                curl -sS '%s' -H 'Content-Type: application/cloudevents+json' -H "Brandeon-Signature: sha256=$SIGNATURE" -d "$BODY"
                """, type, address);
    }
}
