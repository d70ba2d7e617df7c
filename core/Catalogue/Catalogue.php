<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** The parts on offer, by id. A board does not need it: the facts of its parts travel with it. */
interface Catalogue
{
    public function part(string $id): ?Part;

    /**
     * @template T of Part
     * @param class-string<T> $class
     * @return array<string, T> by id, in the order of their names
     */
    public function parts(string $class): array;
}
