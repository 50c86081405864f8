"""Sealed files: written without a passphrase, read only with it.

A key pair is made once from a passphrase. Sealing takes its public half, so that a backup can be made at night while
nobody types; the private half lies in every sealed file, locked by the passphrase, so that the file and the passphrase
are all that is needed on another machine. X25519, HKDF and AES-256-GCM in frames (RFC 7748, 5869, 5116); scrypt
(RFC 7914) for the passphrase. Frames are numbered and the last one says so: what is cut, changed, doubled or put in
another order does not open.
"""

import json
import os
import struct
import zlib
from base64 import b64decode, b64encode
from collections.abc import Callable, Iterator
from dataclasses import asdict, dataclass
from hashlib import sha256
from typing import BinaryIO, Final

from cryptography.exceptions import InvalidTag
from cryptography.hazmat.primitives.asymmetric.x25519 import X25519PrivateKey, X25519PublicKey
from cryptography.hazmat.primitives.ciphers.aead import AESGCM
from cryptography.hazmat.primitives.hashes import SHA256
from cryptography.hazmat.primitives.kdf.hkdf import HKDF
from cryptography.hazmat.primitives.kdf.scrypt import Scrypt

from upright_anvil.core.errors import DomainError

MAGIC: Final = b"UPRIGHT-ANVIL-SEALED-1\n"
FRAME: Final = 1 << 20
"""Bytes of a frame before it is sealed."""

MAX_HEADER: Final = 10_000
SHORTEST_PASSPHRASE: Final = 12

_SCRYPT_COST: Final = 1 << 15
_NONCE: Final = struct.Struct(">7xIB")
_LENGTH: Final = struct.Struct(">I")
_TAG: Final = 16

CUT: Final = "The backup is cut short or was changed. Nothing was taken from it; take another one."


class SealError(DomainError):
    """A sealed file that does not open; says why."""


class WrongPassphraseError(SealError):
    """Another passphrase than the one the key was made with."""

    def __init__(self) -> None:
        super().__init__("That is not the passphrase this backup was made with.")


@dataclass(frozen=True, slots=True)
class SealKey:
    """A key pair: its public half, and the private one locked by a passphrase (base64 each)."""

    public: str
    salt: str
    nonce: str
    locked: str

    @property
    def fingerprint(self) -> str:
        """Answer what tells this key from others: sixteen hexadecimal digits."""
        return sha256(b64decode(self.public)).hexdigest()[:16]


def new_key(passphrase: str) -> SealKey:
    """Answer a new key pair. Raises `DomainError` for a passphrase of fewer than twelve characters."""
    if len(passphrase) < SHORTEST_PASSPHRASE:
        raise DomainError(f"A passphrase has at least {SHORTEST_PASSPHRASE} characters: a few words are best.")
    private, salt, nonce = X25519PrivateKey.generate(), os.urandom(16), os.urandom(12)
    locked = AESGCM(_from_passphrase(passphrase, salt)).encrypt(nonce, private.private_bytes_raw(), MAGIC)
    return SealKey(
        *(b64encode(part).decode() for part in (private.public_key().public_bytes_raw(), salt, nonce, locked))
    )


def unlocked(key: SealKey, passphrase: str) -> X25519PrivateKey:
    """Answer the private half. Raises `WrongPassphraseError`, `SealError` for a key that is none."""
    try:
        salt, nonce, locked = (b64decode(part, validate=True) for part in (key.salt, key.nonce, key.locked))
        opened = AESGCM(_from_passphrase(passphrase, salt)).decrypt(nonce, locked, MAGIC)
        private = X25519PrivateKey.from_private_bytes(opened)
    except InvalidTag:
        raise WrongPassphraseError from None
    except ValueError:
        raise SealError(CUT) from None
    if private.public_key().public_bytes_raw() != b64decode(key.public):
        raise SealError(CUT)
    return private


def seal(pieces: Iterator[bytes], target: BinaryIO, key: SealKey) -> None:
    """Write pieces of content to a sealed file."""
    once = X25519PrivateKey.generate()
    about = {"key": asdict(key), "once": b64encode(once.public_key().public_bytes_raw()).decode()}
    header = json.dumps(about).encode()
    target.write(MAGIC + _LENGTH.pack(len(header)) + header)
    box = _box(once.exchange(X25519PublicKey.from_public_bytes(b64decode(key.public))), header)
    number, frame = 0, bytearray()
    for piece in _packed(pieces):
        frame += piece
        while len(frame) > FRAME:
            _write_frame(target, box, number, bytes(frame[:FRAME]), last=False)
            number, frame = number + 1, frame[FRAME:]
    _write_frame(target, box, number, bytes(frame), last=True)


def key_of(source: BinaryIO) -> SealKey:
    """Answer the key a sealed file was made with. Raises `SealError`."""
    return _header(source)[0]


def unseal(source: BinaryIO, passphrase: str, told: Callable[[int], None] = lambda _: None) -> Iterator[bytes]:
    """Answer the content piece by piece; ``told`` is told how many bytes of the file were read.

    What came before a frame that does not open was what was sealed; whether it is whole is known at the end only.
    Raises `WrongPassphraseError`, `SealError`.
    """
    key, once, header = _header(source)
    try:
        shared = unlocked(key, passphrase).exchange(X25519PublicKey.from_public_bytes(once))
    except SealError:
        raise
    except ValueError:
        raise SealError(CUT) from None
    box, unpack = _box(shared, header), zlib.decompressobj()
    number, last = 0, False
    while not last:
        frame, last = _read_frame(source, box, number)
        number += 1
        try:
            rest = frame
            while rest:
                piece = unpack.decompress(rest, FRAME)
                rest = unpack.unconsumed_tail
                if piece:
                    yield piece
        except zlib.error:
            raise SealError(CUT) from None
        told(source.tell())
    if source.read(1) or not unpack.eof:
        raise SealError(CUT)


def _from_passphrase(passphrase: str, salt: bytes) -> bytes:
    return Scrypt(salt=salt, length=32, n=_SCRYPT_COST, r=8, p=1).derive(passphrase.encode())


def _box(shared: bytes, header: bytes) -> AESGCM:
    """The cipher of one file: the header is part of its key, so a changed header opens nothing."""
    return AESGCM(HKDF(SHA256(), 32, sha256(header).digest(), MAGIC).derive(shared))


def _packed(pieces: Iterator[bytes]) -> Iterator[bytes]:
    pack = zlib.compressobj(6)
    for piece in pieces:
        yield pack.compress(piece)
    yield pack.flush()


def _write_frame(target: BinaryIO, box: AESGCM, number: int, frame: bytes, *, last: bool) -> None:
    sealed = box.encrypt(_NONCE.pack(number, last), frame, None)
    target.write(_LENGTH.pack(len(sealed)) + sealed)


def _read_frame(source: BinaryIO, box: AESGCM, number: int) -> tuple[bytes, bool]:
    length = _whole(source, _LENGTH.size)
    size = _LENGTH.unpack(length)[0]
    if not _TAG <= size <= FRAME + _TAG:
        raise SealError(CUT)
    sealed = _whole(source, size)
    for last in (False, True):
        try:
            return box.decrypt(_NONCE.pack(number, last), sealed, None), last
        except InvalidTag:
            continue
    raise SealError(CUT)


def _whole(source: BinaryIO, size: int) -> bytes:
    read = source.read(size)
    if len(read) != size:
        raise SealError(CUT)
    return read


def _header(source: BinaryIO) -> tuple[SealKey, bytes, bytes]:
    if source.read(len(MAGIC)) != MAGIC:
        raise SealError("This file is no backup of a studio.")
    size = _LENGTH.unpack(_whole(source, _LENGTH.size))[0]
    if size > MAX_HEADER:
        raise SealError(CUT)
    header = _whole(source, size)
    try:
        about = json.loads(header)
        return SealKey(**about["key"]), b64decode(about["once"], validate=True), header
    except (ValueError, TypeError, KeyError, RecursionError):
        raise SealError(CUT) from None
