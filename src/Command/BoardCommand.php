<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Exchange\BoardFileFault;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Exception\InvalidArgumentException;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** A command about board files. It ends with 2 for whatever keeps it from its work: 1 is kept for open latches. */
abstract class BoardCommand extends Command
{
    final public const OPEN = 1;
    final public const MISUSED = 2;

    final protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            return $this->work($input, $output);
        } catch (BoardFileFault|EditRefused|\InvalidArgumentException $fault) {
            $this->say($output, $fault->getMessage());

            return self::MISUSED;
        }
    }

    /**
     * @throws BoardFileFault|EditRefused|\InvalidArgumentException in words that say what to do
     */
    abstract protected function work(InputInterface $input, OutputInterface $output): int;

    final protected function say(OutputInterface $output, string $words): void
    {
        ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($words, OutputInterface::OUTPUT_RAW);
    }

    final protected function print(OutputInterface $output, string $text): void
    {
        $output->write($text, false, OutputInterface::OUTPUT_RAW);
    }

    final protected function board(InputInterface $input, string $argument = 'file'): Board
    {
        return BoardFile::read(self::text($input->getArgument($argument)));
    }

    final protected static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    /** Of another file than the board’s: a table, an edit. */
    final protected static function contents(string $file): string
    {
        $text = '-' === $file || is_file($file) && is_readable($file) ? file_get_contents('-' === $file ? 'php://stdin' : $file) : false;

        return false === $text
            ? throw new InvalidArgumentException(sprintf('%s cannot be read. Name a file, or - for standard input.', $file)) : $text;
    }
}
