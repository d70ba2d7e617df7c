<?php

declare(strict_types=1);

namespace IronLatch\Log;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\EntityRepository;
use IronLatch\Core\Log\Log;
use IronLatch\Core\Log\LogJson;
use IronLatch\Core\Log\Note;
use IronLatch\Entity\BoardRecord;
use IronLatch\Entity\LogStepRecord;
use IronLatch\Entity\PictureRecord;
use IronLatch\Entity\RevisionRecord;
use IronLatch\Storage\OpenBoard;
use Psr\Clock\ClockInterface;

/** The logs of the boards, entry by entry: each entry is one transaction, and can be taken back. */
final readonly class LogBook
{
    /** Older entries can no longer be taken back. */
    private const MOST_BACK = 50;

    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock) {}

    public function of(OpenBoard $opened): Log
    {
        $step = $this->last($opened->record);

        return null === $step ? new Log() : self::read($step);
    }

    /** What was put down last; null where nothing was. */
    public function lastEntry(OpenBoard $opened): ?LogStepRecord
    {
        return $this->last($opened->record);
    }

    /** The same while nothing is put down or taken back. */
    public function mark(string $board): string
    {
        $last = $this->steps()->findOneBy(['board' => $board], ['number' => 'DESC']);

        return null === $last ? '0' : sprintf('%d-%s', $last->number(), hash('crc32b', $last->packed()));
    }

    /**
     * Puts something down. What was written beside it meanwhile stays: the change is made on the log as it stands.
     *
     * @param \Closure(Log): Log $change
     * @param string $once what the device calls this entry; one that was put down under that name already is not put down again
     * @throws \InvalidArgumentException when it cannot be so
     */
    public function enter(OpenBoard $opened, string $summary, \Closure $change, string $once = ''): Log
    {
        $name = 1 === preg_match('/^[0-9a-z-]{8,36}$/D', $once) ? $once : null;

        return $this->entities->wrapInTransaction(function () use ($opened, $summary, $change, $name): Log {
            $last = $this->last($opened->record);
            $before = null === $last ? new Log() : self::read($last);
            if (null !== $name && null !== $this->steps()->findOneBy(['board' => $opened->record, 'once' => $name])) {
                return $before;
            }
            $log = $change($before);
            // Read back before it is acknowledged.
            $json = LogJson::write($log);
            LogJson::read($json);
            $number = 1 + ($last?->number() ?? 0);
            $this->entities->persist(new LogStepRecord(
                $opened->record,
                $number,
                mb_substr($summary, 0, 200),
                (string) gzdeflate($json, 6),
                $this->clock->now(),
                $name,
            ));
            $this->entities->createQuery(sprintf('DELETE %s s WHERE s.board = :board AND s.number < :number', LogStepRecord::class))
                ->execute(['board' => $opened->record, 'number' => $number - self::MOST_BACK]);

            return $log;
        });
    }

    /** The log that a new board comes with, where it has one. */
    public function begin(OpenBoard $opened, ?Log $log): OpenBoard
    {
        if (null !== $log) {
            $this->enter($opened, 'Came with the board', static fn(): Log => $log);
        }

        return $opened;
    }

    /** A note with a picture: both are kept, or none. */
    public function show(OpenBoard $opened, Picture $picture, Note $note): Log
    {
        return $this->entities->wrapInTransaction(function () use ($opened, $picture, $note): Log {
            if (null === $this->picture($opened, $picture->sha256)) {
                $this->entities->persist(new PictureRecord($opened->record, $picture->sha256, $picture->bytes));
            }

            return $this->enter($opened, 'Kept a picture', static fn(Log $log): Log => $log->withNote($note));
        });
    }

    /** A picture as JPEG; null where there is none. */
    public function picture(OpenBoard $opened, string $sha256): ?string
    {
        return $this->entities->find(PictureRecord::class, ['board' => $opened->record->id(), 'sha256' => $sha256])?->bytes();
    }

    /**
     * Takes the last entry back.
     *
     * @param int $number as it was seen
     * @throws \InvalidArgumentException when another was put down meanwhile
     */
    public function takeBack(OpenBoard $opened, int $number): void
    {
        $this->entities->wrapInTransaction(function () use ($opened, $number): void {
            $last = $this->last($opened->record);
            if (null !== $last && $last->number() !== $number) {
                throw new \InvalidArgumentException(
                    sprintf('“%s” was put down meanwhile. Look at it before you take it back.', $last->summary()),
                );
            }
            if (null !== $last) {
                $this->entities->remove($last);
            }
        });
    }

    /** The revision of a board by its number; null where there is none. */
    public function revision(OpenBoard $opened, int $number): ?string
    {
        return $this->entities->getRepository(RevisionRecord::class)
            ->findOneBy(['board' => $opened->record, 'number' => $number])?->id();
    }

    public function today(): string
    {
        return $this->clock->now()->format('Y-m-d');
    }

    /** @return EntityRepository<LogStepRecord> */
    private function steps(): EntityRepository
    {
        return $this->entities->getRepository(LogStepRecord::class);
    }

    private function last(BoardRecord $board): ?LogStepRecord
    {
        return $this->steps()->findOneBy(['board' => $board], ['number' => 'DESC']);
    }

    private static function read(LogStepRecord $step): Log
    {
        return LogJson::read((string) gzinflate($step->packed()));
    }
}
