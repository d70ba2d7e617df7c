<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\BoardJson;

/** All pieces of a board by the path at which each lies in its package, with a manifest of their hashes: the same whenever it is made. */
final class Package
{
    public const BOARD = 'board.json';
    public const MANIFEST = 'manifest.json';

    private const JSON = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR;

    /**
     * @param bool $isForOthers only what goes along with a board that is given or sold: no prices, no names, no board file
     * @return array<string, string> texts by path
     */
    public static function files(Handover $handover, Exports $exports, bool $isForOthers = false): array
    {
        $files = [];
        foreach ($exports->of($handover->inspection) as $word) {
            $piece = $exports->piece($word);
            if (!$piece->isPacked || ($isForOthers && !$piece->isForOthers)) {
                continue;
            }
            $folder = '' === $piece->folder->value ? '' : $piece->folder->value . '/';
            foreach (self::ofOne($handover, $exports, $word) as $name => $text) {
                $files[$folder . $name] = $text;
            }
        }
        if (!$isForOthers) {
            $files[self::BOARD] = BoardJson::write($handover->board);
        }

        return $files;
    }

    /**
     * The program lies there unpacked; everything else is one file.
     *
     * @return array<string, string>
     */
    private static function ofOne(Handover $handover, Exports $exports, string $word): array
    {
        if (ProgramExport::name() === $word) {
            $files = [];
            foreach (ProgramExport::files($handover) as $path => $text) {
                $files['program/' . $path] = $text;
            }

            return $files;
        }
        $file = $exports->file($handover, $word);

        return null === $file ? [] : [$file->name => $file->text];
    }

    /**
     * @param array<string, string> $files texts by path
     */
    public static function archive(Handover $handover, array $files): string
    {
        ksort($files);
        $note = $handover->trial;
        $files[self::MANIFEST] = json_encode([
            'format' => 'iron-latch/package',
            'version' => 1,
            'board' => $handover->board->name,
            'revision' => $handover->revision,
            'date' => $handover->date,
            'wishes' => (object) $handover->wishes,
            'program' => ProgramExport::stamp($handover),
            'trial' => null === $note ? null : ['tried' => $note->tried, 'failed' => $note->failed, 'gaps' => $note->gaps],
            'files' => array_map(static fn(string $text): string => 'sha256:' . hash('sha256', $text), $files),
        ], self::JSON) . "\n";

        return Archive::of($files, $handover->date);
    }
}
