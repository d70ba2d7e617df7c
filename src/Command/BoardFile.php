<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\BoardJson;

/** Reads the board file that a command is called with. */
final class BoardFile
{
    /**
     * @param string $file a path, or - for standard input
     * @throws BoardFileFault naming the file
     */
    public static function read(string $file): Board
    {
        $source = '-' === $file ? 'php://stdin' : $file;
        $json = '-' === $file || (is_file($file) && is_readable($file))
            ? file_get_contents($source, length: BoardJson::GREATEST_BYTES + 1)
            : false;
        if (false === $json) {
            throw new BoardFileFault(sprintf('%s cannot be read. Name a board file.', $file));
        }
        try {
            return BoardJson::read($json);
        } catch (BoardFileFault $fault) {
            throw new BoardFileFault($file . ': ' . $fault->getMessage(), previous: $fault);
        }
    }
}
