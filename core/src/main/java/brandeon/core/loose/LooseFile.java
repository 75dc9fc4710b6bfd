package brandeon.core.loose;

/**
 * One file of a pack.
 *
 * @param number in the order in which it was dropped
 * @param path   its name with the folders that it lay in, parted by slashes
 */
public record LooseFile(int number, String path, long bytes, Found found) {

    /** Its name without folders and ending. */
    String stem() {
        return path.replaceFirst(".*/", "").replaceFirst("\\.[A-Za-z0-9]{1,5}$", "");
    }
}
