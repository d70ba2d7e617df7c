<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** The facts of one part as they stand in revisions, kept once for all of them. */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'part_facts')]
class PartFacts
{
    /** SHA-256 of what is kept, before it is packed. */
    #[ORM\Id]
    #[ORM\Column(length: 64)]
    private string $hash;

    /** @var resource|string */
    #[ORM\Column(type: Types::BLOB)]
    private $content;

    /**
     * @param resource|string $content
     */
    public function __construct(string $hash, $content)
    {
        $this->hash = $hash;
        $this->content = $content;
    }

    public function hash(): string
    {
        return $this->hash;
    }

    public function content(): string
    {
        return Blob::text($this->content);
    }
}
