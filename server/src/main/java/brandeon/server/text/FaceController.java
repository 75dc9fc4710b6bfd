package brandeon.server.text;

import brandeon.core.art.ContentName;
import brandeon.core.text.Face;
import brandeon.core.text.FontFile;
import brandeon.core.theme.OwnFace;
import brandeon.core.theme.PictureEdit;
import brandeon.core.theme.Provenance;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.file.Files;
import brandeon.server.theme.Themes;
import brandeon.server.work.Workshop;
import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Takes in faces from outside. */
@RestController
class FaceController {

    private final Members members;
    private final Themes themes;
    private final Files files;

    private final Workshop workshop;

    FaceController(Members members, Themes themes, Files files, Workshop workshop) {
        this.members = members;
        this.themes = themes;
        this.files = files;
        this.workshop = workshop;
    }

    /** One TTF or OTF file; its bytes are the request's body. */
    @PostMapping(value = "/api/themes/{theme}/faces", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    OwnFace add(@PathVariable UUID theme, InputStream body) throws IOException {
        Member member = members.current().requires(Role.DESIGNER);
        themes.get(member, theme);
        FontFile font = FontFile.read(workshop.receiving(() -> body.readNBytes(FontFile.MOST_BYTES + 1)));
        OwnFace own = new OwnFace(Face.own(ContentName.full(font.content())), font.title(), Provenance.UNKNOWN);
        themes.edit(
                member,
                theme,
                before -> {
                    files.keep(member.workspace(), Files.FONT, font.content(), Optional.empty());
                    return new PictureEdit.AddFace(before.faces().size(), own);
                },
                "");
        return own;
    }
}
