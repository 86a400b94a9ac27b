@echo off
rem Starts Wegweiser: finds a JDK 25 or newer, builds once when there is no build, and runs.
setlocal enabledelayedexpansion
set "HERE=%~dp0"
set "TARGET=%HERE%app\target"
set "JDK="
if defined JAVA_HOME call :fits "%JAVA_HOME%"
if not defined JDK for /f "delims=" %%j in ('where java 2^>nul') do if not defined JDK call :fits "%%~dpj.."
if not defined JDK for /d %%d in ("%ProgramFiles%\Java\*" "%USERPROFILE%\.jdks\*") do if not defined JDK call :fits "%%~d"
if not defined JDK (
  echo wegweiser: no JDK 25 or newer was found in JAVA_HOME, on the PATH or in the usual folders; install one and start again. 1>&2
  exit /b 2
)
if not exist "%TARGET%\.built" (
  where mvn >nul 2>nul || (echo wegweiser: there is no build yet and Maven was not found; install Maven and start again. 1>&2 & exit /b 2)
  echo Building Wegweiser, this once. 1>&2
  if not exist "%TARGET%" mkdir "%TARGET%"
  set "JAVA_HOME=%JDK%"
  call mvn -f "%HERE%pom.xml" -B -q -DskipTests -Dformatter.skip=true -pl app -am package > "%TARGET%\build.log" 2>&1 || (echo wegweiser: the build failed; %TARGET%\build.log tells why. 1>&2 & exit /b 2)
  echo. > "%TARGET%\.built"
)
"%JDK%\bin\java" -Xlog:disable -Xlog:all=error:stderr -XX:TieredStopAtLevel=1 -XX:+UseSerialGC --enable-native-access=javafx.graphics,org.xerial.sqlitejdbc --module-path "%TARGET%\wegweiser.jar;%TARGET%\libraries" -m wegweiser.app/wegweiser.app.Main %*
exit /b %ERRORLEVEL%

:fits
if not exist "%~1\release" goto :eof
if not exist "%~1\bin\javac.exe" goto :eof
for /f "tokens=2 delims==" %%v in ('findstr /b "JAVA_VERSION=" "%~1\release"') do set "V=%%~v"
for /f "delims=." %%n in ("!V!") do if %%n geq 25 set "JDK=%~1"
goto :eof
