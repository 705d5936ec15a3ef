<?php

declare(strict_types=1);

namespace ZipStream;

use ZipArchive;

/** Stands in for the package maennchen/zipstream-php, of which the spreadsheet library writes its files with these three calls: they are collected, and come out at the end. */
final class ZipStream
{
    private ZipArchive $zip;
    private string $file;

    /** @param resource|null $outputStream */
    // @phpstan-ignore constructor.unusedParameter, constructor.unusedParameter, constructor.unusedParameter (named as the library names them)
    public function __construct(bool $enableZip64 = true, private $outputStream = null, bool $sendHttpHeaders = true, bool $defaultEnableZeroHeader = true)
    {
        $this->file = (string) tempnam(sys_get_temp_dir(), 'zolbek-zip-');
        $this->zip = new ZipArchive();
        $this->zip->open($this->file, ZipArchive::OVERWRITE);
    }

    public function addFile(string $fileName, string $data): void
    {
        $this->zip->addFromString($fileName, $data);
        if ($fileName === 'mimetype') {
            // read by its first bytes
            $this->zip->setCompressionName($fileName, ZipArchive::CM_STORE);
        }
    }

    public function finish(): int
    {
        $this->zip->close();
        $bytes = (string) file_get_contents($this->file);
        unlink($this->file);

        return is_resource($this->outputStream) ? (int) fwrite($this->outputStream, $bytes) : 0;
    }
}
