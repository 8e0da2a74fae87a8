/*
 * Loaded into a database server, keeps what a power cut would take: of each file below LOSS_DIR the bytes that were
 * there before every write that is not yet synced, in LOSS_UNDO. A sync forgets them. `undo.ts` plays them back once
 * the server is killed. Names of files, their lengths and removals count as safe at once.
 *
 * A record: sequence, offset, length, length of the old bytes, size of the file before (each 8 bytes, little endian),
 * then the old bytes. One file of records for each inode, called by its number.
 */
#define _GNU_SOURCE
#include <dlfcn.h>
#include <errno.h>
#include <fcntl.h>
#include <pthread.h>
#include <stdint.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/stat.h>
#include <sys/uio.h>
#include <unistd.h>

#define SYNC_US 8000
#define REAL(name) ((__typeof__(&name))dlsym(RTLD_NEXT, #name))

static pthread_mutex_t lock = PTHREAD_MUTEX_INITIALIZER;
static uint64_t sequence;

/* Where the records of a descriptor's file lie; 0 where it is none of the database's files. */
static int undo_path(int fd, char *out, size_t size, struct stat *st) {
  char link[64], path[4096];
  const char *dir = getenv("LOSS_DIR"), *undo = getenv("LOSS_UNDO");
  if (!dir || !undo || fstat(fd, st) != 0 || !S_ISREG(st->st_mode)) return 0;
  snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
  ssize_t n = readlink(link, path, sizeof path - 1);
  if (n <= 0) return 0;
  path[n] = 0;
  if (strncmp(path, dir, strlen(dir)) != 0) return 0;
  snprintf(out, size, "%s/%lu", undo, (unsigned long)st->st_ino);
  return 1;
}

/* Keeps what stands where something is about to be written. The lock is held. */
static void keep(int fd, off_t at, size_t length) {
  char undo[4200], link[64];
  struct stat st;
  int flags = fcntl(fd, F_GETFL);
  if (flags & (O_DSYNC | O_SYNC)) return;
  if (length == 0 || !undo_path(fd, undo, sizeof undo, &st)) return;
  snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
  int in = REAL(open)(link, O_RDONLY);
  char *old = malloc(length);
  ssize_t had = in >= 0 && old ? REAL(pread)(in, old, length, at) : 0;
  if (had < 0) had = 0;
  if (in >= 0) close(in);
  int out = REAL(open)(undo, O_WRONLY | O_CREAT | O_APPEND, 0600);
  uint64_t head[5] = {++sequence, (uint64_t)at, length, (uint64_t)had, (uint64_t)st.st_size};
  struct iovec parts[2] = {{head, sizeof head}, {old, (size_t)had}};
  if (out >= 0) {
    REAL(writev)(out, parts, 2);
    close(out);
  }
  free(old);
}

/* What was written before a sync began is safe when it ends; what came meanwhile is not. */
static void forget_before(const char *undo, uint64_t until) {
  int fd = REAL(open)(undo, O_RDWR);
  if (fd < 0) return;
  struct stat st;
  fstat(fd, &st);
  char *all = malloc((size_t)st.st_size + 1);
  ssize_t n = all ? REAL(pread)(fd, all, (size_t)st.st_size, 0) : 0;
  ssize_t at = 0;
  while (at + 40 <= n) {
    uint64_t head[5];
    memcpy(head, all + at, sizeof head);
    if (head[0] > until) break;
    at += 40 + (ssize_t)head[3];
  }
  if (ftruncate(fd, 0) == 0 && at < n) REAL(pwrite)(fd, all + at, (size_t)(n - at), 0);
  free(all);
  close(fd);
}

/* A disk takes its time to sync. */
static int forget(int fd) {
  char undo[4200];
  struct stat st;
  if (!undo_path(fd, undo, sizeof undo, &st)) return 0;
  pthread_mutex_lock(&lock);
  uint64_t until = sequence;
  pthread_mutex_unlock(&lock);
  usleep(SYNC_US);
  pthread_mutex_lock(&lock);
  forget_before(undo, until);
  pthread_mutex_unlock(&lock);
  return 1;
}

int fsync(int fd) { return forget(fd) ? 0 : REAL(fsync)(fd); }
int fdatasync(int fd) { return forget(fd) ? 0 : REAL(fdatasync)(fd); }

ssize_t pwrite(int fd, const void *bytes, size_t n, off_t at) {
  pthread_mutex_lock(&lock);
  keep(fd, at, n);
  ssize_t done = REAL(pwrite)(fd, bytes, n, at);
  pthread_mutex_unlock(&lock);
  return done;
}
ssize_t pwrite64(int fd, const void *bytes, size_t n, off64_t at) { return pwrite(fd, bytes, n, at); }

ssize_t write(int fd, const void *bytes, size_t n) {
  struct stat st;
  char undo[4200];
  if (!undo_path(fd, undo, sizeof undo, &st)) return REAL(write)(fd, bytes, n);
  pthread_mutex_lock(&lock);
  off_t at = fcntl(fd, F_GETFL) & O_APPEND ? st.st_size : lseek(fd, 0, SEEK_CUR);
  keep(fd, at, n);
  ssize_t done = REAL(write)(fd, bytes, n);
  pthread_mutex_unlock(&lock);
  return done;
}

/* Writes that the kernel does by itself would not be seen: the server falls back to its own threads. */
int io_uring_queue_init(unsigned entries, void *ring, unsigned flags) {
  (void)entries, (void)ring, (void)flags;
  return -ENOSYS;
}
