package app.misura.web.api;

import app.misura.web.store.Backups;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** A backup of everything, for the owner. */
@RestController
class BackupApi {
    private final Backups backups;

    BackupApi(Backups backups) {
        this.backups = backups;
    }

    @GetMapping("/api/v1/backup")
    void backup(HttpServletResponse response) throws IOException {
        response.setContentType("application/zip");
        response.setHeader("Cache-Control", "no-store");
        response.setHeader("Content-Disposition", "attachment; filename=\"misura-backup.zip\"");
        backups.write(response.getOutputStream());
    }
}
