<?php

declare(strict_types=1);

namespace IronLatch\Export;

/** What a piece that is handed over is for, and where it lies in the package. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class Piece
{
    /**
     * @param string $for one sentence
     * @param bool $isPacked a part of the package: what contains others is not
     * @param bool $isForOthers a part of what goes along with a board that is given or sold
     */
    public function __construct(public Folder $folder, public string $for, public bool $isPacked = true, public bool $isForOthers = true) {}

    /**
     * @param class-string<Export> $export
     */
    public static function of(string $export): self
    {
        $own = (new \ReflectionClass($export))->getAttributes(self::class)[0] ?? null;

        return $own?->newInstance() ?? throw new \LogicException($export . ' does not say what it is for.');
    }
}
