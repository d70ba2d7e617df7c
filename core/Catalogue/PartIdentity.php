<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What a part is called and where its facts come from. */
final readonly class PartIdentity
{
    /**
     * @param int $version rises whenever a fact of the part is changed
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $name,
        public Basis $basis,
        public string $source,
    ) {
        if (1 !== preg_match('/^[a-z0-9][a-z0-9-]{0,59}$/', $id)) {
            throw new \InvalidArgumentException('A part’s id is made of small letters, digits and hyphens.');
        }
    }
}
