package brandeon.server.text;

import brandeon.core.text.Face;
import brandeon.core.text.FontFile;
import brandeon.core.text.Fonts;
import brandeon.core.theme.Edit;
import brandeon.core.theme.OwnFace;
import brandeon.core.theme.Provenance;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.file.Files;
import brandeon.server.theme.Themes;
import java.io.IOException;
import java.io.InputStream;
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

    FaceController(Members members, Themes themes, Files files) {
        this.members = members;
        this.themes = themes;
        this.files = files;
    }

    /** One TTF or OTF file; its bytes are the request's body. */
    @PostMapping(value = "/api/themes/{theme}/faces", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    OwnFace add(@PathVariable UUID theme, InputStream body) throws IOException {
        Member member = members.current();
        member.requires(Role.DESIGNER);
        int index = themes.get(member, theme).theme().faces().size();
        FontFile font = FontFile.read(body.readNBytes(FontFile.MOST_BYTES + 1));
        Face face = Face.own(files.keep(member.workspace(), "font/ttf", font.content()));
        Fonts.know(face, font.content());
        OwnFace own = new OwnFace(face, font.title(), Provenance.UNKNOWN);
        themes.edit(member, theme, new Edit.AddFace(index, own), "");
        return own;
    }
}
