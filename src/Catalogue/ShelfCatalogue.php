<?php

declare(strict_types=1);

namespace IronLatch\Catalogue;

use Doctrine\ORM\EntityManagerInterface;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Record\RecordFault;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Entity\OwnPartRecord;
use Psr\Clock\ClockInterface;

/** The parts that are shipped, and those that the maker has added. */
final class ShelfCatalogue implements Catalogue
{
    public const GREATEST_BYTES = 200_000;

    /** @var ?array<string, Part> */
    private ?array $own = null;

    public function __construct(
        private readonly FileCatalogue $shipped,
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
    ) {}

    public function part(string $id): ?Part
    {
        return $this->shipped->part($id) ?? $this->own()[$id] ?? null;
    }

    public function parts(string $class): array
    {
        $parts = [...$this->shipped->parts($class), ...array_filter($this->own(), static fn(Part $part): bool => $part instanceof $class)];
        uasort($parts, static fn(Part $a, Part $b): int => strnatcasecmp($a->identity()->name, $b->identity()->name));

        return $parts;
    }

    public function isOwn(string $id): bool
    {
        return isset($this->own()[$id]);
    }

    /** A part as the text of its file. */
    public static function text(Part $part): string
    {
        return json_encode(
            RecordWriter::writeVariant(Part::class, $part),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        ) . "\n";
    }

    /**
     * Reads a part file as strictly as the shipped ones are read.
     *
     * @throws \InvalidArgumentException with what is wrong and what to do
     */
    public function read(string $json): Part
    {
        if (strlen($json) > self::GREATEST_BYTES) {
            throw new \InvalidArgumentException(sprintf('A part file has at most %d kB.', self::GREATEST_BYTES / 1000));
        }
        try {
            $part = RecordReader::forFiles()->read(Part::class, json_decode($json, true, 32, JSON_THROW_ON_ERROR));
        } catch (\JsonException $fault) {
            throw new \InvalidArgumentException(
                'This is not complete JSON. Copy a part of the catalogue and change that.',
                previous: $fault,
            );
        } catch (RecordFault $fault) {
            throw new \InvalidArgumentException($fault->getMessage(), previous: $fault);
        }
        $id = $part->identity()->id;
        if (null !== $this->shipped->part($id)) {
            throw new \InvalidArgumentException(sprintf('The catalogue ships a part “%s”. Give yours an id of its own.', $id));
        }
        if ($part instanceof Carrier) {
            $chip = $this->part($part->chip);
            if (!$chip instanceof Chip) {
                throw new \InvalidArgumentException(sprintf(
                    'The carrier names the chip “%s”, which is not in the catalogue. Add the chip first.',
                    $part->chip,
                ));
            }
            // A carrier that leads to pins the chip does not have is refused here.
            new Controller($part, $chip);
        }

        return $part;
    }

    /** Adds a part of the maker's own, or writes it anew. */
    public function keep(Part $part): void
    {
        $id = $part->identity()->id;
        $this->entities->wrapInTransaction(function () use ($id, $part): void {
            $record = $this->entities->find(OwnPartRecord::class, $id);
            $now = $this->clock->now();
            if (null === $record) {
                $this->entities->persist(new OwnPartRecord($id, self::text($part), $now));
            } else {
                $record->write(self::text($part), $now);
            }
        });
        $this->own = null;
    }

    /** Takes a part of the maker's own out of the catalogue; boards that use it keep its facts. */
    public function remove(string $id): void
    {
        $this->entities->wrapInTransaction(function () use ($id): void {
            $record = $this->entities->find(OwnPartRecord::class, $id);
            if (null !== $record) {
                $this->entities->remove($record);
            }
        });
        $this->own = null;
    }

    /**
     * @return array<string, Part>
     */
    private function own(): array
    {
        if (null === $this->own) {
            $this->own = [];
            foreach ($this->entities->getRepository(OwnPartRecord::class)->findAll() as $record) {
                try {
                    $this->own[$record->id()] = RecordReader::forFiles()->read(
                        Part::class,
                        json_decode($record->document(), true, 32, JSON_THROW_ON_ERROR),
                    );
                } catch (RecordFault|\JsonException) {
                    // Written by another version: it stays stored, and is offered again once it can be read.
                }
            }
        }

        return $this->own;
    }
}
