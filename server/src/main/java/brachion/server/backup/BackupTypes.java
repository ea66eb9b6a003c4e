package brachion.server.backup;

/** How what a shop keeps travels. */
public final class BackupTypes {

    /** As a zip file. */
    public static final String ZIP = "application/zip";
    /** As one JSON document. */
    public static final String DOCUMENT = "application/vnd.brachion.shop+json";

    private BackupTypes() {
    }
}
