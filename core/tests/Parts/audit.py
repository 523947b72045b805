"""Audits every DXF file of a folder: one line for each that has a fault, the number of files last."""

import glob
import sys

import ezdxf

files = sorted(glob.glob(sys.argv[1] + "/*.dxf"))
for name in files:
    document = ezdxf.readfile(name)
    audit = document.audit()
    if audit.errors or audit.fixes or document.dxfversion != "AC1015" or document.units != 4:
        print(name, [one.message for one in audit.errors + audit.fixes])
print(len(files))
